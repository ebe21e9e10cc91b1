<?php

declare(strict_types=1);

namespace Uvret\Cut\Knife;

/** Picks one of several places for each stop of a fixed sequence so that the way is shortest (dynamic programming). */
final class ShortestWay
{
    /**
     * @param list<non-empty-list<array{int, int, int}>> $stops candidate places of each stop: any number, x, y
     *
     * @return array{list<array{int, int, int}>, float} place of each stop, and length of the way from the origin through all and back
     */
    public static function through(array $stops): array
    {
        $costs = [0.0];
        $before = [[0, 0, 0]];
        $from = [];
        foreach ($stops as $stop => $places) {
            $next = [];
            foreach ($places as $number => [, $x, $y]) {
                [$least, $best] = [\INF, 0];
                foreach ($before as $other => [, $px, $py]) {
                    $cost = $costs[$other] + \sqrt(($x - $px) ** 2 + ($y - $py) ** 2);
                    if ($cost < $least) {
                        [$least, $best] = [$cost, $other];
                    }
                }
                $next[$number] = $least;
                $from[$stop][$number] = $best;
            }
            [$costs, $before] = [$next, $places];
        }
        // Back to the origin.
        foreach ($before as $number => [, $x, $y]) {
            $costs[$number] += \sqrt($x ** 2 + $y ** 2);
        }
        $length = \min($costs);
        $at = (int) \array_search($length, $costs, true);
        $chosen = [];
        for ($stop = \count($stops) - 1; $stop >= 0; --$stop) {
            $chosen[] = $stops[$stop][$at];
            $at = $from[$stop][$at];
        }

        return [\array_reverse($chosen), $length];
    }
}
