<?php

declare(strict_types=1);

namespace Uvret\Cut\Knife;

/** What a ring is that the knife cuts. */
enum KnifeWork: string
{
    case Hole = 'hole';
    case Outline = 'outline';
    case Mark = 'mark';

    /** An open line that parts the waste. */
    case Parting = 'parting';

    /** The weeding frame, which comes last. */
    case Frame = 'frame';
}
