<?php

declare(strict_types=1);

namespace Uvret\Cut\Knife;

/** Kind of a ring. */
enum KnifeWork: string
{
    case Hole = 'hole';
    case Outline = 'outline';
    case Mark = 'mark';

    /** A relief cut: an open line. */
    case Parting = 'parting';

    /** The weeding frame, cut last. */
    case Frame = 'frame';
}
