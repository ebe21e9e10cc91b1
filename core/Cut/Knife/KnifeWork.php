<?php

declare(strict_types=1);

namespace Uvret\Cut\Knife;

/** What a ring is that the knife cuts. */
enum KnifeWork: string
{
    case Hole = 'hole';
    case Outline = 'outline';
    case Mark = 'mark';

    /** The weeding frame, which comes last. */
    case Frame = 'frame';
}
