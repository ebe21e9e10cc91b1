<?php

declare(strict_types=1);

namespace Uvret\Separate;

use Uvret\Geometry\Measure\RingMeasure;
use Uvret\Geometry\Region;

/**
 * Removes rubbish that no knife can follow and no hand can weed: drops pieces smaller than a speck or thinner than a hair, and closes such
 * holes.
 */
final class Slivers
{
    /** Smallest piece or hole to cut, in µm². */
    private const SPECK = 20_000;

    /** Minimum average thickness, in µm. */
    private const HAIR = 50;

    public static function without(Region $region): Region
    {
        $closed = self::rubbish($region->holes());
        $region = [] === $closed ? $region : $region->union(...$closed);
        $dropped = self::rubbish($region->pieces());

        return [] === $dropped ? $region : $region->subtract(...$dropped);
    }

    /**
     * The slivers among some shapes; broad parts of long thin ones are spared.
     *
     * @param list<Region> $shapes
     *
     * @return list<Region>
     */
    private static function rubbish(array $shapes): array
    {
        $rubbish = [];
        foreach ($shapes as $shape) {
            if (!self::isSliver($shape)) {
                continue;
            }
            $broad = $shape->area() < self::SPECK ? [] : $shape->open(\intdiv(self::HAIR, 2))->pieces();
            $broad = \array_values(\array_filter($broad, static fn (Region $piece): bool => !self::isSliver($piece)));
            $rubbish[] = [] === $broad ? $shape : $shape->subtract(...$broad);
        }

        return $rubbish;
    }

    private static function isSliver(Region $region): bool
    {
        $area = \abs($region->area());
        if ($area < self::SPECK) {
            return true;
        }
        $edge = \array_sum(\array_map(RingMeasure::length(...), $region->rings()));

        return 2 * $area < self::HAIR * $edge;
    }
}
