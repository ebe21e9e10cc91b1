<?php

declare(strict_types=1);

namespace Uvret\Layout\Nest;

use Uvret\Cut\Knife\FewestPoints;
use Uvret\Geometry\Region;

/** A simplified polygon that contains a frame and exceeds it only slightly. */
final class NestPolygon
{
    /** Maximum excess over the frame, in µm: half is added by an offset, at most half removed by simplification. */
    private const BEYOND = 120;

    /** Frames with at most this many points stay exact, so that rectangles can abut. */
    private const FEW = 40;

    public static function around(Region $frame): Region
    {
        if ($frame->vertexCount() <= self::FEW) {
            return $frame;
        }
        $half = \intdiv(self::BEYOND, 2);
        $rings = \array_map(
            // Less than the offset, so that rounding never cuts into the frame.
            static fn (array $ring): array => FewestPoints::ofRing($ring, $half - 5.0),
            $frame->offset($half)->rings(),
        );
        $few = Region::fromRings($rings);

        return $frame->subtract($few)->isEmpty() ? $few : $frame;
    }
}
