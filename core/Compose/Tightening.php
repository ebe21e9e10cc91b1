<?php

declare(strict_types=1);

namespace Uvret\Compose;

use Uvret\Geometry\Measure\Envelope;
use Uvret\Geometry\Region;

/** Distance a shape can move up towards another until only a gap of real ink is left. */
final class Tightening
{
    /**
     * @param Region $above in its place
     * @param Region $below in its final x position, at any height
     * @param int    $gap   remaining distance in µm; negative to overlap
     *
     * @return int|null how far up it has to be moved (down where that is below 0); null if the two never meet
     */
    public static function rise(Region $above, Region $below, int $gap): ?int
    {
        // Nearer than the gap means touching the upper shape grown by it.
        $lower = Envelope::of(0 === $gap ? $above : $above->offset($gap));
        $upper = Envelope::of($below);
        $places = $lower->places($upper);
        $highest = $upper->highest($places);
        $rise = null;
        foreach ($lower->lowest($places) as $at => $y) {
            if (isset($highest[$at])) {
                $free = $y - $highest[$at];
                $rise = null === $rise ? $free : \min($rise, $free);
            }
        }

        return null === $rise ? null : (int) \floor($rise);
    }
}
