<?php

declare(strict_types=1);

namespace Uvret\Compose\Follow;

use Uvret\Design\Follow\Arc;
use Uvret\Design\Follow\ArcBy;

/** Finds the radius of an arc from the length of its line and the requested rise or angle. */
final class ArcMeasure
{
    /** Arcs with a smaller rise are straight lines, in µm. */
    private const FLAT = 5;

    /** Half of the angle at which the rise of a given length is largest. */
    private const HIGHEST = 2.331;

    /**
     * @param float $length   of the line
     * @param float $measured height above the path at which the length is measured
     *
     * @return float|null the radius of the path in µm; null if it is straight
     */
    public static function radius(Arc $arc, float $length, float $measured): ?float
    {
        $beyond = $arc->bowsDown ? -$measured : $measured;
        // With half of the angle h the line takes 2 h · (radius + beyond) of its measured circle.
        $of = static fn (float $half): float => \max(1.0, $length / (2 * $half) - $beyond);

        return match ($arc->by) {
            ArcBy::Radius => (float) $arc->radius,
            ArcBy::Angle => $arc->angle < 0.01 ? null : $of(\deg2rad($arc->angle) / 2),
            ArcBy::Rise => $arc->rise <= self::FLAT ? null : $of(self::half($arc->rise, $of)),
        };
    }

    /** @param callable(float): float $radius by half of the angle */
    private static function half(float $rise, callable $radius): float
    {
        $low = 1e-7;
        $high = self::HIGHEST;
        for ($step = 0; $step < 60; ++$step) {
            $half = ($low + $high) / 2;
            if ($radius($half) * 2 * \sin($half / 2) ** 2 < $rise) {
                $low = $half;
            } else {
                $high = $half;
            }
        }

        return $high;
    }
}
