<?php

declare(strict_types=1);

namespace Uvret\Compose\Follow;

/** Kinds of misfit between a line and its path. */
enum StrainKind
{
    /** The line is longer than its path. */
    case TooLong;

    /** The requested size can't be reached on the path. */
    case NotReached;

    /** The path bends so tightly that letters cross at top or bottom. */
    case TooTight;

    /** Letters overlap that don't on a straight line. */
    case Overlap;
}
