<?php

declare(strict_types=1);

namespace Uvret\Geometry;

/** Which winding numbers count as inside when loose rings are read. */
enum FillRule
{
    /** Inside wherever the winding number is not 0: the rule of font outlines. */
    case NonZero;

    /** Inside wherever the winding number is odd. */
    case EvenOdd;

    /** Inside wherever the winding number is above 0: clockwise rings only take away. */
    case Positive;
}
