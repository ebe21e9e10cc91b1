<?php

declare(strict_types=1);

namespace Uvret\Cut\Knife;

/**
 * Simplifies lines within a distance: each edge grows as long as some direction passes all its points near enough
 * (cone intersection; Sklansky and Gonzalez 1980, with the vertices taken from the input).
 */
final class FewestPoints
{
    /**
     * @param list<int> $ring   flat list, not closed; the first point is kept
     * @param float     $within in µm
     *
     * @return list<int>
     */
    public static function ofRing(array $ring, float $within): array
    {
        $count = \count($ring);
        $kept = [$ring[0], $ring[1]];
        [$x, $y] = [$ring[0], $ring[1]];
        $low = -\INF;
        $high = \INF;
        $base = 0.0;
        $last = null;
        for ($i = 2; $i <= $count; $i += 2) {
            [$px, $py] = $i === $count ? [$ring[0], $ring[1]] : [$ring[$i], $ring[$i + 1]];
            $far = \hypot($px - $x, $py - $y);
            $angle = \atan2($py - $y, $px - $x);
            if (null !== $last) {
                $turn = $angle - $base;
                $turn -= 2 * \M_PI * \round($turn / (2 * \M_PI));
                if ($turn < $low || $turn > $high || $far < $last[2] - $within) {
                    // This edge ends at the previous point.
                    [$x, $y] = [$last[0], $last[1]];
                    \array_push($kept, $x, $y);
                    $far = \hypot($px - $x, $py - $y);
                    $angle = \atan2($py - $y, $px - $x);
                    $last = null;
                }
            }
            if (null === $last) {
                [$base, $low, $high] = [$angle, -\INF, \INF];
            }
            $turn = $angle - $base;
            $turn -= 2 * \M_PI * \round($turn / (2 * \M_PI));
            $room = $far <= $within ? \M_PI : \asin(\min(1.0, $within / $far));
            $low = \max($low, $turn - $room);
            $high = \min($high, $turn + $room);
            $last = [$px, $py, \max($far, $last[2] ?? 0.0)];
        }

        return \count($kept) < 6 ? $ring : $kept;
    }
}
