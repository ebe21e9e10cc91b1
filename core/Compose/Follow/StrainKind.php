<?php

declare(strict_types=1);

namespace Uvret\Compose\Follow;

/** What can be wrong between a line and what it follows. */
enum StrainKind
{
    /** The line is longer than the path has room for. */
    case TooLong;

    /** The size that was asked for cannot be reached on the path. */
    case NotReached;

    /** The path turns so tightly that letters cross at their tops or feet. */
    case TooTight;

    /** Letters overlap that did not do so straight. */
    case Overlap;
}
