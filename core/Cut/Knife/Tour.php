<?php

declare(strict_types=1);

namespace Uvret\Cut\Knife;

/**
 * Orders groups for the least travel of the raised knife: nearest neighbour, then reversing stretches (2-opt) and
 * relocating short ones (Or-opt) while that saves travel. Groups are entered at one point exit point of each group at another, so reversing a
 * stretch changes its inner length; prefix sums give both.
 */
final class Tour
{
    /** Longest stretch to relocate, in groups. */
    private const MOVED = 3;

    private const ROUNDS = 12;

    /** Longest stretch to reverse. */
    private const WINDOW = 100;

    /** Number of nearest neighbours to insert a stretch after. */
    private const NEAREST = 10;

    /** Least gain worth a change, in µm. */
    private const LEAST = 1.0;

    /**
     * @param list<array{int, int}> $in  entry point of each group
     * @param list<array{int, int}> $out and left
     *
     * @return list<int> the groups in order, from the origin
     */
    public static function of(array $in, array $out): array
    {
        $order = self::nearestNext($in, $out);
        $before = self::nearestBefore($in, $out);
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $better = self::moved(self::reversed($order, $in, $out), $in, $out, $before);
            if ($better === $order) {
                break;
            }
            $order = $better;
        }

        return $order;
    }

    /**
     * @param list<array{int, int}> $in
     * @param list<array{int, int}> $out
     *
     * @return list<int>
     */
    private static function nearestNext(array $in, array $out): array
    {
        $order = [];
        $left = $in;
        [$x, $y] = [0, 0];
        while ([] !== $left) {
            [$best, $least] = [0, \INF];
            foreach ($left as $group => [$toX, $toY]) {
                $far = ($toX - $x) ** 2 + ($toY - $y) ** 2;
                if ($far < $least) {
                    [$best, $least] = [$group, $far];
                }
            }
            unset($left[$best]);
            $order[] = $best;
            [$x, $y] = $out[$best];
        }

        return $order;
    }

    /**
     * @param list<int>             $order
     * @param list<array{int, int}> $in
     * @param list<array{int, int}> $out
     *
     * @return list<int>
     */
    private static function reversed(array $order, array $in, array $out): array
    {
        $count = \count($order);
        [$forth, $back] = self::costs($order, $in, $out);
        do {
            $changed = false;
            for ($i = 0; $i < $count - 1; ++$i) {
                $before = 0 === $i ? [0, 0] : $out[$order[$i - 1]];
                $first = self::far($before, $in[$order[$i]]);
                [$most, $until] = [self::LEAST, $i];
                for ($j = $i + 1, $end = \min($count, $i + self::WINDOW); $j < $end; ++$j) {
                    $saved = $first - self::far($before, $in[$order[$j]]) + $forth[$j] - $forth[$i] - $back[$j] + $back[$i];
                    if ($j + 1 < $count) {
                        $next = $in[$order[$j + 1]];
                        $saved += self::far($out[$order[$j]], $next) - self::far($out[$order[$i]], $next);
                    }
                    if ($saved > $most) {
                        [$most, $until] = [$saved, $j];
                    }
                }
                if ($until > $i) {
                    \array_splice($order, $i, $until - $i + 1, \array_reverse(\array_slice($order, $i, $until - $i + 1)));
                    [$forth, $back] = self::costs($order, $in, $out);
                    $changed = true;
                }
            }
        } while ($changed);

        return $order;
    }

    /**
     * Prefix sums of an order's length, forward and reversed.
     *
     * @param list<int>             $order
     * @param list<array{int, int}> $in
     * @param list<array{int, int}> $out
     *
     * @return array{list<float>, list<float>}
     */
    private static function costs(array $order, array $in, array $out): array
    {
        $forth = $back = [0.0];
        for ($i = 1, $count = \count($order); $i < $count; ++$i) {
            $forth[] = $forth[$i - 1] + self::far($out[$order[$i - 1]], $in[$order[$i]]);
            $back[] = $back[$i - 1] + self::far($out[$order[$i]], $in[$order[$i - 1]]);
        }

        return [$forth, $back];
    }

    /**
     * @param list<int>             $order
     * @param list<array{int, int}> $in
     * @param list<array{int, int}> $out
     * @param list<list<int>>       $near  groups that end near the entry of each
     *
     * @return list<int>
     */
    private static function moved(array $order, array $in, array $out, array $near): array
    {
        $count = \count($order);
        $places = \array_flip($order);
        for ($length = 1; $length <= self::MOVED; ++$length) {
            for ($i = 0; $i + $length <= $count; ++$i) {
                [$first, $last] = [$order[$i], $order[$i + $length - 1]];
                $before = 0 === $i ? [0, 0] : $out[$order[$i - 1]];
                $behind = $i + $length < $count ? $in[$order[$i + $length]] : null;
                $saved = self::far($before, $in[$first]) + (null === $behind ? 0.0 : self::far($out[$last], $behind) - self::far($before, $behind));
                if ($saved <= self::LEAST) {
                    continue;
                }
                [$most, $to] = [self::LEAST, -1];
                foreach ($near[$first] as $other) {
                    $j = $places[$other] + 1;
                    if ($j >= $i && $j <= $i + $length) {
                        continue;
                    }
                    $next = $j < $count ? $in[$order[$j]] : null;
                    $gain = $saved - self::far($out[$other], $in[$first])
                        - (null === $next ? 0.0 : self::far($out[$last], $next) - self::far($out[$other], $next));
                    if ($gain > $most) {
                        [$most, $to] = [$gain, $j];
                    }
                }
                if ($to >= 0) {
                    $stretch = \array_splice($order, $i, $length);
                    \array_splice($order, $to > $i ? $to - $length : $to, 0, $stretch);
                    $places = \array_flip($order);
                }
            }
        }

        return \array_values($order);
    }

    /**
     * @param list<array{int, int}> $in
     * @param list<array{int, int}> $out
     *
     * @return list<list<int>> groups that end nearest to the entry of each
     */
    private static function nearestBefore(array $in, array $out): array
    {
        $near = [];
        foreach ($in as $group => [$x, $y]) {
            $far = [];
            foreach ($out as $other => [$fromX, $fromY]) {
                if ($other !== $group) {
                    $far[$other] = ($fromX - $x) ** 2 + ($fromY - $y) ** 2;
                }
            }
            \asort($far);
            $near[] = \array_slice(\array_keys($far), 0, self::NEAREST);
        }

        return $near;
    }

    /**
     * @param array{int, int} $one
     * @param array{int, int} $other
     */
    private static function far(array $one, array $other): float
    {
        return \sqrt(($one[0] - $other[0]) ** 2 + ($one[1] - $other[1]) ** 2);
    }
}
