<?php

declare(strict_types=1);

namespace Uvret\Geometry\Offset;

use Uvret\Geometry\Corner;

/**
 * A ring's raw offset curve: every edge moved to its right by the distance, joined up.
 *
 * Where the turn opens the gap, a join is put in. Where it closes it, the curve goes back to the
 * corner itself, from the end of one moved edge to the start of the next. So the curve is the ring
 * plus, for every edge, the rectangle it swept and, for every opening corner, the join's sector, all
 * turning anticlockwise: its winding number is raised by one for each rectangle and sector over a
 * point, and what is swept is exactly where it is above 0.
 *
 * At a closing corner the way to the corner and back may be left out if both edges are at least as
 * long as the kite between the corner, the two moved ends and the point where the moved edges cross
 * reaches along them: then the kite lies in both rectangles. A point under k rectangles of
 * successive edges lies under at most k − 1 such kites, so one rectangle at least still counts. Only
 * where a ring closes at every corner could it be k; there one corner is always gone back to.
 *
 * Where the edges are shorter, as on tight curves, a direct curve leaves the way out all the same: it
 * goes on where the two moved edges cross, or straight from the end of one to the start of the next.
 * It even leaves out all that it does along a stretch of such corners, if that lies within the
 * distance of one of them. Far fewer lines cross then; but in rare cases the winding number falls to
 * 0 if something was swept, so that what comes of it has to be checked.
 */
final class RawCurve
{
    /** Rounding without a call: cutting off the fraction rounds down where there is nothing below 0. */
    private const UP = 4294967296.5;
    private const DOWN = 4294967296;

    /** Edges shorter than this are taken for pieces of curves, in µm. */
    private const SHORT = 1000.0;

    /** Radius around a place, in multiples of the distance, within which no way is left out unproven. */
    private const NEAR = 2.5;

    /**
     * @param list<int> $ring     a valid ring, flat
     * @param int       $distance above 0
     * @param bool      $backward goes round the ring backwards, so that its left side is swept
     * @param bool      $direct   leaves out the ways to closing corners and back
     * @param list<int> $places   points, x and y, near which none is left out without proof
     *
     * @return array{list<int>, list<int>, int} x and y of the curve, and how many ways were left out without proof
     */
    public static function of(array $ring, int $distance, Corner $corner, bool $backward, bool $direct, array $places = []): array
    {
        return self::curve($ring, $distance, $corner, $backward, $direct, false, $places);
    }

    /**
     * @param list<int> $ring
     * @param bool      $back   goes back to the first corner, if it closes
     * @param list<int> $places
     *
     * @return array{list<int>, list<int>, int}
     */
    private static function curve(array $ring, int $distance, Corner $corner, bool $backward, bool $direct, bool $back, array $places): array
    {
        $count = \count($ring) >> 1;
        $x = $y = [];
        if ($backward) {
            for ($i = 2 * $count - 2; $i >= 0; $i -= 2) {
                $x[] = $ring[$i];
                $y[] = $ring[$i + 1];
            }
        } else {
            for ($i = 0, $end = 2 * $count; $i < $end; $i += 2) {
                $x[] = $ring[$i];
                $y[] = $ring[$i + 1];
            }
        }
        $d = (float) $distance;
        $outX = $outY = [];
        $shortcuts = 0;
        $closed = true;
        $from = 0;
        // The corners of a stretch of tight closing corners, x and y.
        $stretch = [];
        // The edge that arrives at point 0.
        $vx = $x[0];
        $vy = $y[0];
        $ux = $vx - $x[$count - 1];
        $uy = $vy - $y[$count - 1];
        $length = \sqrt($ux * $ux + $uy * $uy);
        $nx = $uy / $length;
        $ny = -$ux / $length;
        // The cosines of turns whose arcs rise by no more than 3 µm, and by no more than the tolerance.
        $gentle = 1 - 6 / \max($d, 6.0);
        $gentleTurn = 2 * \acos(1 - 3 / \max($d, 6.0));
        $flat = 1 - 2 * Join::ARC_TOLERANCE / \max($d, 2 * Join::ARC_TOLERANCE);
        for ($i = 0; $i < $count; ++$i) {
            $next = $i + 1 === $count ? 0 : $i + 1;
            $wx = $x[$next];
            $wy = $y[$next];
            $ux = $wx - $vx;
            $uy = $wy - $vy;
            $leaving = \sqrt($ux * $ux + $uy * $uy);
            $mx = $uy / $leaving;
            $my = -$ux / $leaving;
            $cos = $nx * $mx + $ny * $my;
            $sin = $nx * $my - $ny * $mx;
            $closed = $closed && $sin < 0;
            $tight = false;
            $before = \count($outX);
            if ($sin >= 0 && $cos > $gentle && Corner::Round === $corner && $length < self::SHORT && $leaving < self::SHORT) {
                // Hardly a turn: one point on the arc, so near that the edges beside it stay within the tolerance.
                $scale = $d / \sqrt(2 + 2 * $cos);
                $outX[] = (int) ($vx + $scale * ($nx + $mx) + self::UP) - self::DOWN;
                $outY[] = (int) ($vy + $scale * ($ny + $my) + self::UP) - self::DOWN;
            } elseif ($sin >= 0 && Corner::Round === $corner && $cos > 0.5 && $length < self::SHORT && $leaving < self::SHORT) {
                // A curve's corner: points on the arc alone, the edges beside it stay within the tolerance too.
                $turn = \atan2($sin, $cos);
                $steps = (int) \ceil($turn / $gentleTurn);
                for ($k = 0; $k < $steps; ++$k) {
                    $across = \cos($turn * ($k + 0.5) / $steps) * $d;
                    $along = \sin($turn * ($k + 0.5) / $steps) * $d;
                    $outX[] = (int) ($vx + $nx * $across - $ny * $along + self::UP) - self::DOWN;
                    $outY[] = (int) ($vy + $nx * $along + $ny * $across + self::UP) - self::DOWN;
                }
            } elseif ($sin >= 0) {
                // Opening: the end of the one, the join, the start of the next.
                $outX[] = (int) ($vx + $d * $nx + self::UP) - self::DOWN;
                $outY[] = (int) ($vy + $d * $ny + self::UP) - self::DOWN;
                if (Corner::Round !== $corner || $cos < $flat) {
                    $points = Join::points($corner, $d, $nx, $ny, $mx, $my);
                    for ($k = 0, $end = \count($points); $k < $end; $k += 2) {
                        $outX[] = (int) ($vx + $points[$k] + self::UP) - self::DOWN;
                        $outY[] = (int) ($vy + $points[$k + 1] + self::UP) - self::DOWN;
                    }
                }
                $outX[] = (int) ($vx + $d * $mx + self::UP) - self::DOWN;
                $outY[] = (int) ($vy + $d * $my + self::UP) - self::DOWN;
            } else {
                $reach = $cos > 0 ? -$sin * $d : ($cos > -0.9 ? -$sin * $d / (1 + $cos) : \INF);
                $reach = $reach * 1.01 + 2;
                $must = $back && 0 === $i;
                if ($direct && !$must && ($reach > $length || $reach > $leaving) && ([] === $places || !self::isNear($places, $vx, $vy, $d))) {
                    if ([] === $stretch) {
                        $from = \count($outX);
                    }
                    $stretch[] = $vx;
                    $stretch[] = $vy;
                    $tight = true;
                    ++$shortcuts;
                }
                // Where the moved edges themselves still cross, the curve goes on from there.
                $along = $tight && $cos > -0.9 ? -$sin * $d / (1 + $cos) : $reach;
                if ($must || $along > $length || $along > $leaving) {
                    $outX[] = (int) ($vx + $d * $nx + self::UP) - self::DOWN;
                    $outY[] = (int) ($vy + $d * $ny + self::UP) - self::DOWN;
                    if (!$tight) {
                        $outX[] = $vx;
                        $outY[] = $vy;
                    }
                    $outX[] = (int) ($vx + $d * $mx + self::UP) - self::DOWN;
                    $outY[] = (int) ($vy + $d * $my + self::UP) - self::DOWN;
                } else {
                    $outX[] = (int) ($vx + $d * ($nx + $mx) / (1 + $cos) + self::UP) - self::DOWN;
                    $outY[] = (int) ($vy + $d * ($ny + $my) / (1 + $cos) + self::UP) - self::DOWN;
                }
            }
            if ([] !== $stretch && (!$tight || 0 === $next)) {
                self::shorten($outX, $outY, $stretch, $d, $from, $tight ? \count($outX) : $before);
                $stretch = [];
            }
            $vx = $wx;
            $vy = $wy;
            $nx = $mx;
            $ny = $my;
            $length = $leaving;
        }

        if ($closed && !$back) {
            return self::curve($ring, $distance, $corner, $backward, $direct, true, $places);
        }

        return [$outX, $outY, $shortcuts];
    }

    /** @param list<int> $places x and y */
    private static function isNear(array $places, int $x, int $y, float $distance): bool
    {
        $square = (self::NEAR * $distance) ** 2;
        for ($i = 0, $count = \count($places); $i < $count; $i += 2) {
            if (($places[$i] - $x) ** 2 + ($places[$i + 1] - $y) ** 2 < $square) {
                return true;
            }
        }

        return false;
    }

    /**
     * Leaves out what the curve does between the first and the last moved edge along a stretch of
     * tight closing corners, if it all lies within the distance of one of them: the stretch curves
     * more tightly than the distance, so that the curve runs backwards there.
     *
     * @param list<int> $x       the curve so far
     * @param list<int> $y
     * @param list<int> $stretch the corners, x and y
     * @param int       $from    the first point of the stretch on the curve
     * @param int       $to      the first point behind it
     */
    private static function shorten(array &$x, array &$y, array $stretch, float $distance, int $from, int $to): void
    {
        if ($to - $from < 3) {
            return;
        }
        $middle = (\count($stretch) >> 1) & ~1;
        $cx = $stretch[$middle];
        $cy = $stretch[$middle + 1];
        $square = ($distance + 0.6) ** 2;
        for ($i = $from; $i < $to; ++$i) {
            if (($x[$i] - $cx) ** 2 + ($y[$i] - $cy) ** 2 > $square) {
                return;
            }
        }
        \array_splice($x, $from + 1, $to - $from - 2);
        \array_splice($y, $from + 1, $to - $from - 2);
    }
}
