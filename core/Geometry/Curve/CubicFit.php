<?php

declare(strict_types=1);

namespace Uvret\Geometry\Curve;

/**
 * Cubics through a row of points with given directions at both ends.
 *
 * Each cubic reaches as far as it can. Least squares give the lengths of its two handles, Newton's
 * method the points' parameters (Schneider, "An algorithm for automatically fitting digitized
 * curves", Graphics Gems, 1990).
 */
final class CubicFit
{
    private const ROUNDS = 8;

    /**
     * @param list<float>         $x
     * @param list<float>         $y
     * @param array{float, float} $out       unit direction of the curve away from the first point
     * @param array{float, float} $in        unit direction away from the last point, back along the curve
     * @param float               $tolerance how far a point may be from the curve
     *
     * @return list<list<float>> segments, x and y of four points each
     */
    public static function segments(array $x, array $y, array $out, array $in, float $tolerance): array
    {
        $segments = [];
        $last = \count($x) - 1;
        $from = 0;
        while ($from < $last) {
            $curve = self::one($x, $y, $from, $last, $out, $in, $tolerance);
            $to = $last;
            if (null === $curve) {
                // The farthest point that one curve reaches, by halving. Two points are always reached.
                $reached = $from + 1;
                $beyond = $last;
                $curve = self::line($x[$from], $y[$from], $x[$reached], $y[$reached]);
                while ($beyond - $reached > 1) {
                    $to = ($reached + $beyond) >> 1;
                    $back = self::direction($x[$to - 1] - $x[$to + 1], $y[$to - 1] - $y[$to + 1]);
                    $longer = self::one($x, $y, $from, $to, $out, $back, $tolerance);
                    if (null === $longer) {
                        $beyond = $to;
                    } else {
                        $reached = $to;
                        $curve = $longer;
                    }
                }
                $to = $reached;
                $out = self::direction($x[$to + 1] - $x[$to - 1], $y[$to + 1] - $y[$to - 1]);
            }
            $segments[] = $curve;
            $from = $to;
        }

        return $segments;
    }

    /**
     * One cubic from one point to another within the tolerance of those between; null if there is none.
     *
     * @param list<float>         $x
     * @param list<float>         $y
     * @param array{float, float} $out
     * @param array{float, float} $in
     *
     * @return list<float>|null
     */
    private static function one(array $x, array $y, int $from, int $to, array $out, array $in, float $tolerance): ?array
    {
        $x = \array_slice($x, $from, $to - $from + 1);
        $y = \array_slice($y, $from, $to - $from + 1);
        if (2 === \count($x)) {
            return self::line($x[0], $y[0], $x[1], $y[1]);
        }
        [$t, $length] = self::chordParameters($x, $y);
        $before = \INF;
        for ($round = 0; $round <= self::ROUNDS; ++$round) {
            $curve = self::leastSquares($x, $y, $t, $out, $in, $length);
            $error = self::worst($curve, $x, $y, $t);
            if ($error <= $tolerance * $tolerance) {
                return $curve;
            }
            // Not worth more rounds when it is far off or hardly gets better.
            if ($error > 900 * $tolerance * $tolerance || $error > 0.9 * $before) {
                return null;
            }
            $before = $error;
            $t = self::nearer($curve, $x, $y, $t);
            if (null === $t) {
                return null;
            }
        }

        return null;
    }

    /** @return list<float> a straight segment */
    public static function line(float $ax, float $ay, float $bx, float $by): array
    {
        return [$ax, $ay, $ax + ($bx - $ax) / 3, $ay + ($by - $ay) / 3, $bx - ($bx - $ax) / 3, $by - ($by - $ay) / 3, $bx, $by];
    }

    /** @return array{float, float} the direction of a vector, of length 1 */
    public static function direction(float $dx, float $dy): array
    {
        $length = \sqrt($dx * $dx + $dy * $dy);

        return $length > 0 ? [$dx / $length, $dy / $length] : [1.0, 0.0];
    }

    /**
     * @param list<float> $x
     * @param list<float> $y
     *
     * @return array{list<float>, float} parameters, and the length of the row
     */
    private static function chordParameters(array $x, array $y): array
    {
        $t = [0.0];
        $length = 0.0;
        $count = \count($x);
        for ($i = 1; $i < $count; ++$i) {
            $length += \sqrt(($x[$i] - $x[$i - 1]) ** 2 + ($y[$i] - $y[$i - 1]) ** 2);
            $t[] = $length;
        }

        return [\array_map(static fn (float $at): float => $at / \max($length, 1e-9), $t), $length];
    }

    /**
     * @param list<float>         $x
     * @param list<float>         $y
     * @param list<float>         $t
     * @param array{float, float} $out
     * @param array{float, float} $in
     *
     * @return list<float>
     */
    private static function leastSquares(array $x, array $y, array $t, array $out, array $in, float $length): array
    {
        $last = \count($x) - 1;
        [$x0, $y0, $x3, $y3] = [$x[0], $y[0], $x[$last], $y[$last]];
        [$ox, $oy] = $out;
        [$ix, $iy] = $in;
        $c00 = $c01 = $c11 = $r0 = $r1 = 0.0;
        $dot = $ox * $ix + $oy * $iy;
        for ($k = 1; $k < $last; ++$k) {
            $u = $t[$k];
            $s = 1 - $u;
            $b1 = 3 * $s * $s * $u;
            $b2 = 3 * $s * $u * $u;
            $b01 = $s * $s * $s + $b1;
            $dx = $x[$k] - $x0 * $b01 - $x3 * (1 - $b01);
            $dy = $y[$k] - $y0 * $b01 - $y3 * (1 - $b01);
            $c00 += $b1 * $b1;
            $c01 += $b1 * $b2 * $dot;
            $c11 += $b2 * $b2;
            $r0 += $b1 * ($ox * $dx + $oy * $dy);
            $r1 += $b2 * ($ix * $dx + $iy * $dy);
        }
        $determinant = $c00 * $c11 - $c01 * $c01;
        $chord = \sqrt(($x3 - $x0) ** 2 + ($y3 - $y0) ** 2);
        $first = $second = 0.0;
        if (\abs($determinant) > 1e-12 * $c00 * $c11) {
            $first = ($r0 * $c11 - $r1 * $c01) / $determinant;
            $second = ($c00 * $r1 - $c01 * $r0) / $determinant;
        }
        if ($first < 1e-3 * $chord || $second < 1e-3 * $chord || $first > $length || $second > $length) {
            $first = $second = $chord / 3;
        }

        return [$x0, $y0, $x0 + $ox * $first, $y0 + $oy * $first, $x3 + $ix * $second, $y3 + $iy * $second, $x3, $y3];
    }

    /**
     * The greatest square of a distance: of a point from the curve at its parameter, and of the curve
     * halfway between two parameters from the line between the two points.
     *
     * @param list<float> $c
     * @param list<float> $x
     * @param list<float> $y
     * @param list<float> $t
     */
    private static function worst(array $c, array $x, array $y, array $t): float
    {
        [$x0, $y0, $x1, $y1, $x2, $y2, $x3, $y3] = $c;
        $greatest = 0.0;
        $last = \count($t) - 1;
        for ($k = 1; $k <= $last; ++$k) {
            $u = $t[$k];
            $s = 1 - $u;
            $b1 = 3 * $s * $s * $u;
            $b2 = 3 * $s * $u * $u;
            $dx = $s * $s * $s * $x0 + $b1 * $x1 + $b2 * $x2 + $u * $u * $u * $x3 - $x[$k];
            $dy = $s * $s * $s * $y0 + $b1 * $y1 + $b2 * $y2 + $u * $u * $u * $y3 - $y[$k];
            $square = $dx * $dx + $dy * $dy;
            $u = ($t[$k - 1] + $t[$k]) / 2;
            $s = 1 - $u;
            $b1 = 3 * $s * $s * $u;
            $b2 = 3 * $s * $u * $u;
            $dx = $s * $s * $s * $x0 + $b1 * $x1 + $b2 * $x2 + $u * $u * $u * $x3 - $x[$k];
            $dy = $s * $s * $s * $y0 + $b1 * $y1 + $b2 * $y2 + $u * $u * $u * $y3 - $y[$k];
            $ux = $x[$k] - $x[$k - 1];
            $uy = $y[$k] - $y[$k - 1];
            $across = $dx * $uy - $dy * $ux;
            $square = \max($square, $across * $across / \max($ux * $ux + $uy * $uy, 1e-9));
            if ($square > $greatest) {
                $greatest = $square;
            }
        }

        return $greatest;
    }

    /**
     * The parameters moved to where the curve is nearer to the points, one step of Newton's method;
     * null if they would no longer rise.
     *
     * @param list<float> $c
     * @param list<float> $x
     * @param list<float> $y
     * @param list<float> $t
     *
     * @return list<float>|null
     */
    private static function nearer(array $c, array $x, array $y, array $t): ?array
    {
        $moved = [];
        foreach ($t as $k => $u) {
            $s = 1 - $u;
            $dx = Path::at($c[0], $c[2], $c[4], $c[6], $u) - $x[$k];
            $dy = Path::at($c[1], $c[3], $c[5], $c[7], $u) - $y[$k];
            $vx = 3 * ($s * $s * ($c[2] - $c[0]) + 2 * $s * $u * ($c[4] - $c[2]) + $u * $u * ($c[6] - $c[4]));
            $vy = 3 * ($s * $s * ($c[3] - $c[1]) + 2 * $s * $u * ($c[5] - $c[3]) + $u * $u * ($c[7] - $c[5]));
            $ax = 6 * ($s * ($c[4] - 2 * $c[2] + $c[0]) + $u * ($c[6] - 2 * $c[4] + $c[2]));
            $ay = 6 * ($s * ($c[5] - 2 * $c[3] + $c[1]) + $u * ($c[7] - 2 * $c[5] + $c[3]));
            $slope = $vx * $vx + $vy * $vy + $dx * $ax + $dy * $ay;
            $moved[] = \abs($slope) < 1e-12 ? $u : \min(1.0, \max(0.0, $u - ($dx * $vx + $dy * $vy) / $slope));
        }
        $last = \count($t) - 1;
        $moved[0] = 0.0;
        $moved[$last] = 1.0;
        for ($k = 1; $k <= $last; ++$k) {
            if ($moved[$k] <= $moved[$k - 1]) {
                return null;
            }
        }

        return \array_values($moved);
    }
}
