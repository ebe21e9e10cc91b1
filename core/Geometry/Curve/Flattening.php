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
                self::segment($ring, \array_slice($contour, $i, 8), $tolerance);
            }
            \array_pop($ring);
            \array_pop($ring);
            $rings[] = $ring;
        }

        return $rings;
    }

    /**
     * @param list<int>   $ring
     * @param list<float> $p    x and y of the segment's four points
     */
    private static function segment(array &$ring, array $p, float $tolerance): void
    {
        [$x0, $y0, $x1, $y1, $x2, $y2, $x3, $y3] = $p;
        $bend = \max(\hypot($x0 - 2 * $x1 + $x2, $y0 - 2 * $y1 + $y2), \hypot($x1 - 2 * $x2 + $x3, $y1 - 2 * $y2 + $y3));
        if ($bend > 0.01) {
            $cuts = [0.0, ...Path::extremes($x0, $x1, $x2, $x3), ...Path::extremes($y0, $y1, $y2, $y3), 1.0];
            \sort($cuts);
            $lines = 0.75 * $bend / $tolerance;
            $parts = \count($cuts) - 1;
            for ($part = 0; $part < $parts; ++$part) {
                $from = $cuts[$part];
                $span = $cuts[$part + 1] - $from;
                if ($span <= 0.0) {
                    continue;
                }
                $n = (int) \max(1, \ceil($span * \sqrt($lines)));
                for ($k = 1; $k <= $n; ++$k) {
                    if ($k === $n && $part === $parts - 1) {
                        break;
                    }
                    $t = $from + $span * $k / $n;
                    $s = 1 - $t;
                    $b0 = $s * $s * $s;
                    $b1 = 3 * $s * $s * $t;
                    $b2 = 3 * $s * $t * $t;
                    $b3 = $t * $t * $t;
                    $ring[] = Grid::round($b0 * $x0 + $b1 * $x1 + $b2 * $x2 + $b3 * $x3);
                    $ring[] = Grid::round($b0 * $y0 + $b1 * $y1 + $b2 * $y2 + $b3 * $y3);
                }
            }
        }
        $ring[] = Grid::round($x3);
        $ring[] = Grid::round($y3);
    }
}
