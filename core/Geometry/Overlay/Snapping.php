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
    /** Four rounds are the most that lettering ever needed; hostile input is ended here. */
    private const ROUNDS = 60;

    /** After these, crossings go to ends of their edges farther and farther away, so that they run out. */
    private const EXACT_ROUNDS = 12;

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
            $found = Crossings::find($rings, Runs::of($rings), $nodes, $moved, $round < self::EXACT_ROUNDS ? 1.0 : (float) (1 + $round - self::EXACT_ROUNDS) ** 2);
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
        $byEdge = [];
        foreach ($found->splits as $packed) {
            $byEdge[$packed >> 31][] = $packed & 0x7FFFFFFF;
        }
        ksort($byEdge);
        $newX = $newY = $moved = $grown = [];
        $done = 0;
        $added = 0;
        foreach ($byEdge as $edge => $points) {
            [$insertX, $insertY, $exact] = self::along($rings, $edge, $found, $points);
            $size = \count($insertX);
            array_push($newX, \array_slice($rings->x, $done, $edge + 1 - $done), $insertX);
            array_push($newY, \array_slice($rings->y, $done, $edge + 1 - $done), $insertY);
            $done = $edge + 1;
            if (!$exact) {
                $moved += array_fill($edge + $added, $size + 1, true);
            }
            $added += $size;
            $grown[$edge] = $added;
        }
        $newX[] = \array_slice($rings->x, $done);
        $newY[] = \array_slice($rings->y, $done);
        $rings->x = array_merge(...$newX);
        $rings->y = array_merge(...$newY);
        $rings->start = self::shifted($rings->start, $grown);

        return $moved;
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
        foreach ($points as $point) {
            $x = $found->x[$point];
            $y = $found->y[$point];
            $exact = $exact && 0 === $ux * ($y - $ay) - $uy * ($x - $ax);
            // By the place in the edge's main direction, then in the other.
            $mainX = ($x - $ax) * ($ux < 0 ? -1 : 1);
            $mainY = ($y - $ay) * ($uy < 0 ? -1 : 1);
            $places[] = abs($ux) >= abs($uy) ? [$mainX, $mainY, $x, $y] : [$mainY, $mainX, $x, $y];
        }
        if (isset($places[1])) {
            sort($places);
        }
        $insertX = $insertY = [];
        $last = null;
        foreach ($places as $place) {
            if ($place !== $last) {
                $insertX[] = $place[2];
                $insertY[] = $place[3];
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
