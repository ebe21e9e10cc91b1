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
        $closed = $dropped = [];
        foreach ($region->holes() as $hole) {
            if (self::isSliver($hole)) {
                $closed[] = $hole;
            }
        }
        $region = [] === $closed ? $region : $region->union(...$closed);
        foreach ($region->pieces() as $piece) {
            if (self::isSliver($piece)) {
                $dropped[] = $piece;
            }
        }

        return [] === $dropped ? $region : $region->subtract(...$dropped);
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
