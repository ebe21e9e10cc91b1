<?php

declare(strict_types=1);

namespace Uvret\Compose;

use Uvret\Geometry\Measure\Envelope;
use Uvret\Geometry\Region;

/** How far a shape can be moved up under another one until a gap of real ink is left between them. */
final class Tightening
{
    /**
     * @param Region $above in its place
     * @param Region $below across where it will stand, at any height
     * @param int    $gap   the least distance that is left, in µm; below 0 they overlap by that
     *
     * @return int|null how far up it has to be moved (down where that is below 0); null if the two never meet
     */
    public static function rise(Region $above, Region $below, int $gap): ?int
    {
        // What is nearer than the gap is what touches the shape above grown by it.
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
