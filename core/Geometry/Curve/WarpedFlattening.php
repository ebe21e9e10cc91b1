<?php

declare(strict_types=1);

namespace Uvret\Geometry\Curve;

use Uvret\Geometry\Affine;
use Uvret\Geometry\Grid;

/**
 * Turns curves into rings on the grid under a map that is not straight.
 *
 * Each segment is cut where the flattened curve itself would be, and each of these parts is halved until the
 * image of its middle lies on the line between the images of its ends: what is left out is then no farther from the
 * image of the curve than the tolerance. No part is so long that the map could bend it twice unseen.
 */
final class WarpedFlattening
{
    /** Longer straight parts are cut before they are looked at, in µm before the map. */
    private const LONGEST = 4000.0;

    private const DEEPEST = 14;

    /**
     * @param Affine $toMicrometres what is done to the path before it is mapped
     *
     * @return list<list<int>> flat lists of whole µm, for Region::fromRings
     */
    public static function rings(Path $path, Affine $toMicrometres, Warp $warp, float $tolerance = Flattening::TOLERANCE): array
    {
        $rings = [];
        $square = $tolerance * $tolerance;
        foreach ($path->transform($toMicrometres)->contours as $contour) {
            [$fromX, $fromY] = $warp->at($contour[0], $contour[1]);
            $ring = [Grid::round($fromX), Grid::round($fromY)];
            $last = \count($contour) - 2;
            for ($i = 0; $i < $last; $i += 6) {
                $p0x = $contour[$i];
                $p0y = $contour[$i + 1];
                $p1x = $contour[$i + 2];
                $p1y = $contour[$i + 3];
                $p2x = $contour[$i + 4];
                $p2y = $contour[$i + 5];
                $p3x = $contour[$i + 6];
                $p3y = $contour[$i + 7];
                $from = 0.0;
                foreach (self::parts($p0x, $p0y, $p1x, $p1y, $p2x, $p2y, $p3x, $p3y, $tolerance) as $end) {
                    // The parts still to be drawn, nearest last: their ends and depths.
                    [$toX, $toY] = 1.0 === $end ? $warp->at($p3x, $p3y) : self::image($p0x, $p0y, $p1x, $p1y, $p2x, $p2y, $p3x, $p3y, $end, $warp);
                    $stack = [[$end, $toX, $toY, 0]];
                    while ([] !== $stack) {
                        [$to, $toX, $toY, $depth] = \array_pop($stack);
                        $middle = ($from + $to) / 2;
                        [$x, $y] = self::image($p0x, $p0y, $p1x, $p1y, $p2x, $p2y, $p3x, $p3y, $middle, $warp);
                        $dx = $toX - $fromX;
                        $dy = $toY - $fromY;
                        $length = $dx * $dx + $dy * $dy;
                        $off = $dx * ($y - $fromY) - $dy * ($x - $fromX);
                        $far = $length > 1.0 ? $off * $off / $length : ($x - $fromX) ** 2 + ($y - $fromY) ** 2;
                        if ($far > $square && $depth < self::DEEPEST) {
                            $stack[] = [$to, $toX, $toY, $depth + 1];
                            $stack[] = [$middle, $x, $y, $depth + 1];
                            continue;
                        }
                        $ring[] = Grid::round($toX);
                        $ring[] = Grid::round($toY);
                        $from = $to;
                        $fromX = $toX;
                        $fromY = $toY;
                    }
                }
            }
            \array_pop($ring);
            \array_pop($ring);
            $rings[] = $ring;
        }

        return $rings;
    }

    /**
     * Where a segment is cut in any case: rising parameters, the last of them 1.
     *
     * @return list<float>
     */
    private static function parts(float $p0x, float $p0y, float $p1x, float $p1y, float $p2x, float $p2y, float $p3x, float $p3y, float $tolerance): array
    {
        $bend = \max(\hypot($p0x - 2 * $p1x + $p2x, $p0y - 2 * $p1y + $p2y), \hypot($p1x - 2 * $p2x + $p3x, $p1y - 2 * $p2y + $p3y));
        // Half as finely as it is flattened in the end: the rest is found by halving.
        $count = (int) \max(1, \ceil(\sqrt(0.75 * $bend / (4 * $tolerance))), \ceil(\hypot($p3x - $p0x, $p3y - $p0y) / self::LONGEST));
        $parts = [];
        for ($k = 1; $k < $count; ++$k) {
            $parts[] = $k / $count;
        }
        $parts[] = 1.0;

        return $parts;
    }

    /** @return array{float, float} */
    private static function image(float $p0x, float $p0y, float $p1x, float $p1y, float $p2x, float $p2y, float $p3x, float $p3y, float $t, Warp $warp): array
    {
        $s = 1 - $t;
        $a = $s * $s * $s;
        $b = 3 * $s * $s * $t;
        $c = 3 * $s * $t * $t;
        $d = $t * $t * $t;

        return $warp->at($a * $p0x + $b * $p1x + $c * $p2x + $d * $p3x, $a * $p0y + $b * $p1y + $c * $p2y + $d * $p3y);
    }
}
