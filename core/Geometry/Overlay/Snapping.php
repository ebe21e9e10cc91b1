<?php

declare(strict_types=1);

namespace Uvret\Geometry\Overlay;

use Uvret\Geometry\GeometryException;
use Uvret\Geometry\Grid;

/**
 * Splits edges at their crossings until, on the grid, edges meet in their ends only.
 *
 * A rounded crossing bends an edge by up to half a micrometre, and a bent edge may meet others. So
 * what moved is tested again, exactly, until nothing is found any more.
 */
final class Snapping
{
    /** Lettering never needed more than four rounds; this stops hostile input. */
    private const ROUNDS = 60;

    /** After these rounds, crossings snap to edge ends farther and farther away, so that the process ends. */
    private const EXACT_ROUNDS = 12;

    /** Upper bound for how far a crossing snapped to an edge's end lies off the other edge, in µm. */
    private const BESIDE = 256;

    /** If fewer than one edge in FEW moved, only edges that may meet those are tested. */
    private const FEW = 8;

    /**
     * @return array<int, true> the keys of all points where edges meet beside the points between two neighbours
     *
     * @throws GeometryException when the crossings do not settle
     */
    public static function settle(Rings $rings): array
    {
        $nodes = [];
        $moved = null;
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $isLittle = null !== $moved && self::FEW * \count($moved) < \count($rings->x);
            $runs = Runs::of($rings, null !== $moved, $isLittle ? Bands::over($rings, $moved) : null);
            $found = Crossings::find($rings, $runs, $nodes, $moved, $round < self::EXACT_ROUNDS ? 1.0 : (float) (1 + $round - self::EXACT_ROUNDS) ** 2);
            if ([] === $found->splits) {
                return $nodes;
            }
            $moved = self::split($rings, $found);
            if ([] === $moved) {
                return $nodes;
            }
        }
        throw GeometryException::didNotSettle(self::ROUNDS);
    }

    /**
     * Puts the points of splits into their edges.
     *
     * @return array<int, true> the new edges that do not lie on the old ones exactly
     */
    private static function split(Rings $rings, Crossings $found): array
    {
        $x = $rings->x;
        $y = $rings->y;
        $foundX = $found->x;
        $foundY = $found->y;
        $splits = $found->splits;
        \sort($splits);
        $insertX = $insertY = $moved = $grown = [];
        $more = 0;
        $count = \count($splits);
        for ($k = 0; $k < $count;) {
            $edge = $splits[$k] >> 31;
            $from = $k;
            do {
                ++$k;
            } while ($k < $count && $splits[$k] >> 31 === $edge);
            if ($k === $from + 1) {
                $point = $splits[$from] & 0x7FFFFFFF;
                $px = $foundX[$point];
                $py = $foundY[$point];
                $insertX[$edge] = [$px];
                $insertY[$edge] = [$py];
                $added = 1;
                $exact = 0 === ($x[$edge + 1] - $x[$edge]) * ($py - $y[$edge]) - ($y[$edge + 1] - $y[$edge]) * ($px - $x[$edge]);
            } else {
                $points = [];
                for ($i = $from; $i < $k; ++$i) {
                    $points[] = $splits[$i] & 0x7FFFFFFF;
                }
                [$insertX[$edge], $insertY[$edge], $exact] = self::along($rings, $edge, $found, $points);
                $added = \count($insertX[$edge]);
            }
            if (!$exact) {
                // The part before each new point, and the one behind the last.
                for ($i = $edge + $more, $end = $i + $added; $i <= $end; ++$i) {
                    $moved[$i] = true;
                }
            }
            $more += $added;
            $grown[$edge] = $more;
        }
        $rings->x = self::assembled($x, $insertX);
        $rings->y = self::assembled($y, $insertY);
        $rings->start = self::shifted($rings->start, $grown);

        return $moved;
    }

    /**
     * @param list<int>             $values
     * @param array<int, list<int>> $inserts what comes after each, in rising order
     *
     * @return list<int>
     */
    private static function assembled(array $values, array $inserts): array
    {
        $pieces = [];
        $done = 0;
        foreach ($inserts as $at => $insert) {
            $pieces[] = \array_slice($values, $done, $at + 1 - $done);
            $pieces[] = $insert;
            $done = $at + 1;
        }
        $pieces[] = \array_slice($values, $done);

        return \array_merge(...$pieces);
    }

    /**
     * The different points among those found on an edge, in their order along it, and whether all
     * lie on it exactly.
     *
     * @param list<int> $points
     *
     * @return array{list<int>, list<int>, bool}
     */
    private static function along(Rings $rings, int $edge, Crossings $found, array $points): array
    {
        $ax = $rings->x[$edge];
        $ay = $rings->y[$edge];
        $ux = $rings->x[$edge + 1] - $ax;
        $uy = $rings->y[$edge + 1] - $ay;
        $exact = true;
        $places = [];
        $steep = \abs($uy) > \abs($ux);
        foreach ($points as $point) {
            $alongX = ($found->x[$point] - $ax) * ($ux < 0 ? -1 : 1);
            $alongY = ($found->y[$point] - $ay) * ($uy < 0 ? -1 : 1);
            $exact = $exact && 0 === \abs($ux) * $alongY - \abs($uy) * $alongX;
            // By the place in the edge's main direction, then in the other; neither is below 0 then.
            $alongX += self::BESIDE;
            $alongY += self::BESIDE;
            $places[] = $steep ? $alongY << 31 | $alongX : $alongX << 31 | $alongY;
        }
        \sort($places);
        $insertX = $insertY = [];
        $last = -1;
        foreach ($places as $place) {
            if ($place !== $last) {
                [$alongX, $alongY] = $steep ? [$place & 0x7FFFFFFF, $place >> 31] : [$place >> 31, $place & 0x7FFFFFFF];
                $alongX -= self::BESIDE;
                $alongY -= self::BESIDE;
                $insertX[] = $ax + ($ux < 0 ? -$alongX : $alongX);
                $insertY[] = $ay + ($uy < 0 ? -$alongY : $alongY);
            }
            $last = $place;
        }

        return [$insertX, $insertY, $exact];
    }

    /**
     * Where the rings start after points were added.
     *
     * @param list<int>       $start
     * @param array<int, int> $grown by edge, in order: how many points were added up to its end
     *
     * @return list<int>
     */
    private static function shifted(array $start, array $grown): array
    {
        $moved = [];
        $ring = 0;
        $before = 0;
        foreach ($grown as $edge => $added) {
            while ($start[$ring] <= $edge) {
                $moved[] = $start[$ring++] + $before;
            }
            $before = $added;
        }
        $count = \count($start);
        while ($ring < $count) {
            $moved[] = $start[$ring++] + $before;
        }

        return $moved;
    }
}
