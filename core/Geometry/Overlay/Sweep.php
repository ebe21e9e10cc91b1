<?php

declare(strict_types=1);

namespace Uvret\Geometry\Overlay;

use Uvret\Geometry\GeometryException;
use Uvret\Geometry\Grid;

/**
 * One sweep over the chains from left to right: tells for each whether it bounds the result.
 *
 * The chains that cross the sweep line stand in a list from bottom to top. Where chains begin, the
 * winding numbers are carried upwards through them from the chain below.
 */
final class Sweep
{
    /** @var array<int, bool> the chains that bound the result: true if it lies above, false if below */
    public array $above = [];

    /** @var array<int, int> for a bounding chain, the bounding chain next below it where it begins; -1 for none */
    public array $under = [];

    /** @throws GeometryException when the chains cross after all */
    public static function over(Rings $rings, Chains $chains, Rule $rule): self
    {
        $x = $rings->x;
        $y = $rings->y;
        $greatest = $chains->greatest;
        $deltaA = $chains->deltaA;
        $deltaB = $chains->deltaB;
        $least = $chains->least;
        $above = $under = $holds = [];

        $begins = $chains->from;
        $ends = $chains->to;
        \asort($begins);
        \asort($ends);
        $order = \array_keys($begins);
        $keys = \array_values($begins);
        $endKeys = \array_values($ends);
        $count = \count($order);
        $endAt = 0;
        $at = 0;

        $status = [];
        $size = 0;
        $slot = [];
        $windingA = [];
        $windingB = [];
        $stride = Grid::STRIDE;
        $half = $stride >> 1;

        while ($endAt < $count) {
            $key = $endKeys[$endAt];
            $begin = $at < $count ? $keys[$at] : \PHP_INT_MAX;
            if ($begin < $key) {
                $key = $begin;
            }
            $leaving = 0;
            while ($endAt < $count && $endKeys[$endAt] === $key) {
                ++$leaving;
                ++$endAt;
            }
            // The point of the event, unpacked.
            $px = \intdiv($key, $stride);
            $py = $key - $px * $stride;
            if ($py > $half) {
                ++$px;
                $py -= $stride;
            } elseif ($py < -$half) {
                --$px;
                $py += $stride;
            }
            // The lowest chain that does not pass below the point.
            $lo = 0;
            $hi = $size;
            while ($lo < $hi) {
                $mid = ($lo + $hi) >> 1;
                $chain = $status[$mid];
                $k = $slot[$chain];
                $step = $least[$chain] < $greatest[$chain] ? 1 : -1;
                $n = $k + $step;
                $nx = $x[$n];
                while ($nx < $px || ($nx === $px && $y[$n] < $py)) {
                    $k = $n;
                    $n += $step;
                    $nx = $x[$n];
                }
                $slot[$chain] = $k;
                $cx = $x[$k];
                $cy = $y[$k];
                if (($nx - $cx) * ($py - $cy) > ($y[$n] - $cy) * ($px - $cx)) {
                    $lo = $mid + 1;
                } else {
                    $hi = $mid;
                }
            }
            for ($n = 0; $n < $leaving; ++$n) {
                if (!isset($status[$lo + $n]) || $ends[$status[$lo + $n]] !== $key) {
                    throw GeometryException::brokenArrangement('a chain ends out of its place');
                }
            }
            $entering = [];
            while ($at < $count && $keys[$at] === $key) {
                $entering[] = $order[$at++];
            }
            $new = \count($entering);
            if (2 === $new) {
                [$p, $q] = $entering;
                $n = $least[$p] < $greatest[$p] ? $least[$p] + 1 : $least[$p] - 1;
                $m = $least[$q] < $greatest[$q] ? $least[$q] + 1 : $least[$q] - 1;
                if (($x[$n] - $px) * ($y[$m] - $py) < ($y[$n] - $py) * ($x[$m] - $px)) {
                    $entering = [$q, $p];
                }
            } elseif ($new > 2) {
                $entering = self::bottomToTop($entering, $chains, $x, $y, $px, $py);
            }
            if ($new > 0) {
                $below = $lo > 0 ? $status[$lo - 1] : -1;
                $a = $below < 0 ? 0 : $windingA[$below];
                $b = $below < 0 ? 0 : $windingB[$below];
                $inside = $holds[$a << 16 | ($b & 0xFFFF)] ??= $rule->holds($a, $b);
                $bound = -1;
                for ($n = $lo - 1; $n >= 0; --$n) {
                    if (isset($above[$status[$n]])) {
                        $bound = $status[$n];
                        break;
                    }
                }
                foreach ($entering as $chain) {
                    $a += $deltaA[$chain];
                    $b += $deltaB[$chain];
                    $windingA[$chain] = $a;
                    $windingB[$chain] = $b;
                    $slot[$chain] = $least[$chain];
                    $next = $holds[$a << 16 | ($b & 0xFFFF)] ??= $rule->holds($a, $b);
                    if ($next !== $inside) {
                        $above[$chain] = $next;
                        $under[$chain] = $bound;
                        $bound = $chain;
                        $inside = $next;
                    }
                }
            }
            if ($leaving === $new) {
                for ($n = 0; $n < $new; ++$n) {
                    $status[$lo + $n] = $entering[$n];
                }
            } else {
                \array_splice($status, $lo, $leaving, $entering);
                $size += $new - $leaving;
            }
        }
        $sweep = new self();
        $sweep->above = $above;
        $sweep->under = $under;

        return $sweep;
    }

    /**
     * Chains that begin in one point, by the slope of their first edges.
     *
     * @param list<int> $entering
     * @param list<int> $x
     * @param list<int> $y
     *
     * @return list<int>
     */
    private static function bottomToTop(array $entering, Chains $chains, array $x, array $y, int $px, int $py): array
    {
        $dx = $dy = [];
        foreach ($entering as $chain) {
            $n = $chains->least[$chain] + ($chains->least[$chain] < $chains->greatest[$chain] ? 1 : -1);
            $dx[$chain] = $x[$n] - $px;
            $dy[$chain] = $y[$n] - $py;
        }
        \usort($entering, static fn (int $p, int $q): int => $dy[$p] * $dx[$q] <=> $dx[$p] * $dy[$q]);

        return $entering;
    }
}
