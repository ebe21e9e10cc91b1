<?php

declare(strict_types=1);

namespace Uvret\Geometry\Offset;

use Uvret\Geometry\Corner;

/**
 * What an offset puts between two edges where it opens up: the points beside the two ends.
 *
 * The corner's point is the origin; the offset lies at the given distance, in the directions of the
 * normals n (of the edge that arrives) and m (of the edge that leaves), turning anticlockwise.
 */
final class Join
{
    /** How far the lines of a round corner may be from the arc, in µm; rounding adds at most 0.71. */
    public const ARC_TOLERANCE = 4.0;

    /** Mitres are cut square beyond this many distances from the corner. */
    public const MITRE_LIMIT = 4.0;

    /**
     * @return list<float> x and y of the points between d·n and d·m
     */
    public static function points(Corner $corner, float $distance, float $nx, float $ny, float $mx, float $my): array
    {
        $cos = $nx * $mx + $ny * $my;
        $sin = $nx * $my - $ny * $mx;

        return match (true) {
            Corner::Round === $corner => self::arc($distance, $nx, $ny, \atan2($sin, $cos)),
            // A mitre is 1 / cos(half the turn) distances long; 2 cos² of the half is 1 + cos.
            Corner::Mitre === $corner && 1 + $cos > 2 / self::MITRE_LIMIT ** 2 => [$distance * ($nx + $mx) / (1 + $cos), $distance * ($ny + $my) / (1 + $cos)],
            default => self::square($distance, $nx, $ny, $mx, $my, \atan2($sin, $cos)),
        };
    }

    /** The greatest step along an arc, in radians, that stays within the tolerance. */
    public static function step(float $distance): float
    {
        return $distance <= self::ARC_TOLERANCE ? \M_PI_2 : 2 * \acos(1 - self::ARC_TOLERANCE / $distance);
    }

    /** @return list<float> */
    private static function arc(float $distance, float $nx, float $ny, float $turn): array
    {
        $turn += $turn < 0 ? 2 * \M_PI : 0;
        $steps = (int) \ceil($turn / self::step($distance));
        $points = [];
        for ($k = 1; $k < $steps; ++$k) {
            $cos = \cos($turn * $k / $steps);
            $sin = \sin($turn * $k / $steps);
            $points[] = $distance * ($nx * $cos - $ny * $sin);
            $points[] = $distance * ($nx * $sin + $ny * $cos);
        }

        return $points;
    }

    /** @return list<float> */
    private static function square(float $distance, float $nx, float $ny, float $mx, float $my, float $turn): array
    {
        // Both edges run on until the cut, which is at the distance from the corner too. Directions are
        // the normals turned by a quarter to the left.
        $run = $distance * \tan(($turn + ($turn < 0 ? 2 * \M_PI : 0)) / 4);

        return [$distance * $nx - $run * $ny, $distance * $ny + $run * $nx, $distance * $mx + $run * $my, $distance * $my - $run * $mx];
    }
}
