<?php

declare(strict_types=1);

namespace Uvret\Geometry\Measure;

/** Centre of gravity of an area: the mean of triangles from one point to each edge, weighted by their signed areas. */
final class Centroid
{
    /**
     * @param list<list<int>> $rings valid rings
     *
     * @return array{int, int}|null null without rings
     */
    public static function of(array $rings): ?array
    {
        if ([] === $rings) {
            return null;
        }
        // Near the rings, so that the products stay exact.
        [$x0, $y0] = $rings[0];
        $sum = $x = $y = 0.0;
        foreach ($rings as $ring) {
            $count = \count($ring);
            [$ax, $ay] = [$ring[$count - 2] - $x0, $ring[$count - 1] - $y0];
            for ($i = 0; $i < $count; $i += 2) {
                [$bx, $by] = [$ring[$i] - $x0, $ring[$i + 1] - $y0];
                $twice = (float) $ax * $by - (float) $bx * $ay;
                $sum += $twice;
                $x += $twice * ($ax + $bx);
                $y += $twice * ($ay + $by);
                [$ax, $ay] = [$bx, $by];
            }
        }

        return [$x0 + (int) \round($x / (3 * $sum)), $y0 + (int) \round($y / (3 * $sum))];
    }
}
