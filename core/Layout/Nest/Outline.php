<?php

declare(strict_types=1);

namespace Uvret\Layout\Nest;

use Uvret\Cut\Knife\FewestPoints;
use Uvret\Geometry\Region;

/** A frame with few points that holds all of the true one, and reaches hardly beyond it. */
final class Outline
{
    /** How far it may reach beyond the frame, in µm; half of it is grown, and no more than half is cut off again. */
    private const BEYOND = 120;

    /** Frames with so few points stay as they are: rectangles lie edge to edge. */
    private const FEW = 40;

    public static function around(Region $frame): Region
    {
        if ($frame->vertexCount() <= self::FEW) {
            return $frame;
        }
        $half = \intdiv(self::BEYOND, 2);
        $rings = \array_map(
            // Less than it was grown by, so that rounding takes nothing away.
            static fn (array $ring): array => FewestPoints::ofRing($ring, $half - 5.0),
            $frame->offset($half)->rings(),
        );
        $few = Region::fromRings($rings);

        return $frame->subtract($few)->isEmpty() ? $few : $frame;
    }
}
