<?php

declare(strict_types=1);

namespace Uvret\Geometry;

use Uvret\Geometry\Measure\RingMeasure;
use Uvret\Geometry\Overlay\RegionRings;

/** The mirror image in the y axis: exact, so that only the order of points and rings changes. */
final class Mirror
{
    public static function of(RegionRings $region): RegionRings
    {
        $pieces = [];
        foreach ($region->pieces() as $rings) {
            $images = \array_map(self::ring(...), $rings);
            $holes = \array_slice($images, 1);
            \usort($holes, RingMeasure::order(...));
            $pieces[] = [$images[0], ...$holes];
        }

        return RegionRings::gathered($pieces, $region->apart);
    }

    /**
     * @param list<int> $ring
     *
     * @return list<int>
     */
    private static function ring(array $ring): array
    {
        $image = [];
        $least = 0;
        for ($i = \count($ring) - 2; $i >= 0; $i -= 2) {
            $at = \count($image);
            $image[] = -$ring[$i];
            $image[] = $ring[$i + 1];
            if ($image[$at] < $image[$least] || ($image[$at] === $image[$least] && $image[$at + 1] < $image[$least + 1])) {
                $least = $at;
            }
        }

        return \array_merge(\array_slice($image, $least), \array_slice($image, 0, $least));
    }
}
