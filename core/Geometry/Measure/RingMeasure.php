<?php

declare(strict_types=1);

namespace Uvret\Geometry\Measure;

use Uvret\Geometry\Box;

/** Measures of one ring, given as a flat list of whole micrometres. */
final class RingMeasure
{
    /**
     * The signed area in µm², above 0 for anticlockwise rings (the shoelace formula, from the first point).
     *
     * @param list<int> $ring
     */
    public static function area(array $ring): float
    {
        $count = \count($ring);
        $ox = $ring[0];
        $oy = $ring[1];
        $px = $py = 0;
        $twice = 0.0;
        for ($i = 2; $i < $count; $i += 2) {
            $x = $ring[$i] - $ox;
            $y = $ring[$i + 1] - $oy;
            $twice += $px * $y - $py * $x;
            $px = $x;
            $py = $y;
        }

        return $twice / 2;
    }

    /**
     * The length round the ring, in µm.
     *
     * @param list<int> $ring
     */
    public static function length(array $ring): float
    {
        $count = \count($ring);
        $px = $ring[$count - 2];
        $py = $ring[$count - 1];
        $length = 0.0;
        for ($i = 0; $i < $count; $i += 2) {
            $x = $ring[$i];
            $y = $ring[$i + 1];
            $length += \sqrt(($x - $px) ** 2 + ($y - $py) ** 2);
            $px = $x;
            $py = $y;
        }

        return $length;
    }

    /**
     * The order in which rings stand in a region: by their first points, which are their least ones.
     *
     * @param list<int> $ring
     * @param list<int> $other
     */
    public static function order(array $ring, array $other): int
    {
        return ($ring[0] <=> $other[0]) ?: ($ring[1] <=> $other[1]) ?: ($ring <=> $other);
    }

    /** @param list<int> $ring */
    public static function box(array $ring): Box
    {
        $left = $right = $ring[0];
        $bottom = $top = $ring[1];
        $count = \count($ring);
        for ($i = 2; $i < $count; $i += 2) {
            $x = $ring[$i];
            $y = $ring[$i + 1];
            if ($x < $left) {
                $left = $x;
            } elseif ($x > $right) {
                $right = $x;
            }
            if ($y < $bottom) {
                $bottom = $y;
            } elseif ($y > $top) {
                $top = $y;
            }
        }

        return new Box($left, $bottom, $right, $top);
    }
}
