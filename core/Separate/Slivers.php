<?php

declare(strict_types=1);

namespace Uvret\Separate;

use Uvret\Geometry\Measure\RingMeasure;
use Uvret\Geometry\Region;

/**
 * What cutting shapes out of one another leaves that no knife follows and no hand weeds: pieces smaller than a speck or thinner than a
 * hair are dropped, such holes are closed.
 */
final class Slivers
{
    /** The smallest piece or hole that is cut, in µm². */
    private const SPECK = 20_000;

    /** How thick it has to be on average, in µm. */
    private const HAIR = 50;

    public static function without(Region $region): Region
    {
        $closed = self::rubbish($region->holes());
        $region = [] === $closed ? $region : $region->union(...$closed);
        $dropped = self::rubbish($region->pieces());

        return [] === $dropped ? $region : $region->subtract(...$dropped);
    }

    /**
     * What of some shapes is neither cut nor left open. Of a long thin one that is broad somewhere, the broad places stay.
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
