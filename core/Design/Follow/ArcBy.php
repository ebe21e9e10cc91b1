<?php

declare(strict_types=1);

namespace Uvret\Design\Follow;

/** Which measure of an arc rules. */
enum ArcBy: string
{
    case Radius = 'radius';

    /** How much higher its middle lies than its ends. */
    case Rise = 'rise';

    /** How much of the circle the line takes. */
    case Angle = 'angle';
}
