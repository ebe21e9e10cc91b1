<?php

declare(strict_types=1);

namespace Uvret\Geometry\Curve;

use Uvret\Geometry\Affine;
use Uvret\Geometry\Grid;

/**
 * Turns curves into rings on the grid.
 *
 * A segment is first cut where it is greatest or least in x or y, so that the rings' bounds are the
 * curve's. Each part is then divided evenly in its parameter into as few lines as keep the
 * deviation within the tolerance (Wang's bound: n² ≥ ¾ · second difference / tolerance).
 */
final class Flattening
{
    /** How far the lines may be from the curve, in µm; rounding to the grid adds at most 0.71. */
    public const TOLERANCE = 4.0;

    /**
     * @return list<list<int>> flat lists of whole µm, for Region::fromRings
     */
    public static function rings(Path $path, Affine $toMicrometres, float $tolerance = self::TOLERANCE): array
    {
        $rings = [];
        foreach ($path->transform($toMicrometres)->contours as $contour) {
            $ring = [Grid::round($contour[0]), Grid::round($contour[1])];
            $last = \count($contour) - 2;
            for ($i = 0; $i < $last; $i += 6) {
                $segment = \array_slice($contour, $i, 8);
                foreach (self::parameters($segment, $tolerance) as $t) {
                    [$x, $y] = self::point($segment, $t);
                    $ring[] = $x;
                    $ring[] = $y;
                }
            }
            \array_pop($ring);
            \array_pop($ring);
            $rings[] = $ring;
        }

        return $rings;
    }

    /**
     * Where a segment is cut: rising parameters, the last of them 1.
     *
     * @param list<float> $p x and y of the segment's four points, in µm
     *
     * @return list<float>
     */
    public static function parameters(array $p, float $tolerance = self::TOLERANCE): array
    {
        [$x0, $y0, $x1, $y1, $x2, $y2, $x3, $y3] = $p;
        $bend = \max(\hypot($x0 - 2 * $x1 + $x2, $y0 - 2 * $y1 + $y2), \hypot($x1 - 2 * $x2 + $x3, $y1 - 2 * $y2 + $y3));
        if ($bend <= 0.01) {
            return [1.0];
        }
        $cuts = [...Path::extremes($x0, $x1, $x2, $x3), ...Path::extremes($y0, $y1, $y2, $y3), 1.0];
        \sort($cuts);
        $density = \sqrt(0.75 * $bend / $tolerance);
        $parameters = [];
        $from = 0.0;
        foreach ($cuts as $to) {
            $span = $to - $from;
            if ($span > 0.0) {
                $lines = (int) \max(1, \ceil($span * $density));
                for ($k = 1; $k < $lines; ++$k) {
                    $parameters[] = $from + $span * $k / $lines;
                }
                $parameters[] = $to;
                $from = $to;
            }
        }

        return $parameters;
    }

    /**
     * The point of a segment at a parameter, on the grid.
     *
     * @param list<float> $p x and y of the segment's four points, in µm
     *
     * @return array{int, int}
     */
    public static function point(array $p, float $t): array
    {
        return 1.0 === $t
            ? [Grid::round($p[6]), Grid::round($p[7])]
            : [Grid::round(Path::at($p[0], $p[2], $p[4], $p[6], $t)), Grid::round(Path::at($p[1], $p[3], $p[5], $p[7], $t))];
    }
}
