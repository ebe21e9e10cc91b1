<?php

declare(strict_types=1);

namespace Uvret\Design;

/**
 * The order of a list that two sides changed: entries that were there stand as the side has them that moved them, and each that was put
 * in stands beside the neighbour that it was put beside.
 */
final class MergedOrder
{
    /**
     * @param list<string|int> $base
     * @param list<string|int> $ours
     * @param list<string|int> $theirs
     *
     * @return list<string|int>|null null if both moved entries, and not alike
     */
    public static function of(array $base, array $ours, array $theirs): ?array
    {
        $left = \array_values(\array_intersect($base, $ours, $theirs));
        [$our, $their] = [\array_values(\array_intersect($ours, $left)), \array_values(\array_intersect($theirs, $left))];
        $order = match (true) {
            $our === $left, $our === $their => $their,
            $their === $left => $our,
            default => null,
        };
        if (null === $order) {
            return null;
        }
        [$after, $before] = self::runs([self::placed($ours, $base, $left), self::placed($theirs, $base, $left)]);
        $merged = $after[''] ?? [];
        foreach ($order as $id) {
            \array_push($merged, ...$before[$id] ?? [], ...[$id], ...$after[$id] ?? []);
        }

        return $merged;
    }

    /**
     * Where a side put new entries: runs of them, each after an entry that is left, or before one where it begins the list.
     *
     * @param list<string|int> $side
     * @param list<string|int> $base
     * @param list<string|int> $left
     *
     * @return array<string, array{string|int, bool, string|int}> by the new entry: which entry it stands beside, whether after it, and the
     *                                                            first of its run
     */
    private static function placed(array $side, array $base, array $left): array
    {
        $placed = [];
        $first = null;
        $beside = null;
        foreach ($side as $at => $id) {
            if (\in_array($id, $left, true)) {
                [$beside, $first] = [$id, null];
            } elseif (!\in_array($id, $base, true)) {
                $first ??= $id;
                $next = \array_values(\array_intersect(\array_slice($side, $at), $left))[0] ?? '';
                $placed[(string) $id] = null === $beside ? [$next, '' === $next, $first] : [$beside, true, $first];
            }
        }

        return $placed;
    }

    /**
     * The runs of both sides by what they stand beside. Runs at one place come in the order of their first entries, so that both sides
     * may be changed for one another; what both put in stands where the first of the two places is.
     *
     * @param array{array<string, array{string|int, bool, string|int}>, array<string, array{string|int, bool, string|int}>} $sides
     *
     * @return array{array<string|int, list<string>>, array<string|int, list<string>>} after and before which entry
     */
    private static function runs(array $sides): array
    {
        $runs = [[], []];
        foreach ($sides as $number => $placed) {
            foreach ($placed as $id => $place) {
                $other = $sides[1 - $number][$id] ?? null;
                if (null === $other || [$place, 0] < [$other, $number]) {
                    [$beside, $isAfter, $first] = $place;
                    $runs[$isAfter ? 0 : 1][$beside][(string) $first][] = (string) $id;
                }
            }
        }

        return \array_map(static fn (array $places): array => \array_map(static function (array $byFirst): array {
            \ksort($byFirst, \SORT_STRING);

            return \array_merge(...\array_values($byFirst));
        }, $places), $runs);
    }
}
