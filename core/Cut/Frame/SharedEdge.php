<?php

declare(strict_types=1);

namespace Uvret\Cut\Frame;

use Uvret\Geometry\Region;

/** Vertical and horizontal edges shared by abutting frames; each is cut once. */
final class SharedEdge
{
    /**
     * @param list<Region> $frames that do not overlap
     *
     * @return list<array{int, int, int, int}> lines from end to end
     */
    public static function among(array $frames): array
    {
        // By direction and position; the direction of an edge tells which side its frame is on.
        $edges = [];
        foreach ($frames as $frame) {
            foreach ($frame->rings() as $ring) {
                $count = \count($ring);
                [$x, $y] = [$ring[$count - 2], $ring[$count - 1]];
                for ($i = 0; $i < $count; $i += 2) {
                    [$toX, $toY] = [$ring[$i], $ring[$i + 1]];
                    if ($x === $toX) {
                        $edges["upright $x"][$toY > $y ? 'on' : 'back'][] = [\min($y, $toY), \max($y, $toY)];
                    } elseif ($y === $toY) {
                        $edges["level $y"][$toX > $x ? 'on' : 'back'][] = [\min($x, $toX), \max($x, $toX)];
                    }
                    [$x, $y] = [$toX, $toY];
                }
            }
        }
        $shared = [];
        foreach ($edges as $place => $ways) {
            [$direction, $at] = \explode(' ', $place);
            foreach (self::common($ways['on'] ?? [], $ways['back'] ?? []) as [$from, $to]) {
                $shared[] = 'upright' === $direction ? [(int) $at, $from, (int) $at, $to] : [$from, (int) $at, $to, (int) $at];
            }
        }

        return $shared;
    }

    /**
     * @param list<array{int, int}> $some
     * @param list<array{int, int}> $others
     *
     * @return list<array{int, int}> overlaps of both lists, contiguous ones joined
     */
    private static function common(array $some, array $others): array
    {
        $common = [];
        foreach ($some as [$from, $to]) {
            foreach ($others as [$otherFrom, $otherTo]) {
                if (\max($from, $otherFrom) < \min($to, $otherTo)) {
                    $common[] = [\max($from, $otherFrom), \min($to, $otherTo)];
                }
            }
        }
        \sort($common);
        $joined = [];
        $open = null;
        foreach ($common as $next) {
            if (null !== $open && $open[1] >= $next[0]) {
                $open = [$open[0], \max($open[1], $next[1])];
            } else {
                $joined = null === $open ? [] : [...$joined, $open];
                $open = $next;
            }
        }

        return null === $open ? [] : [...$joined, $open];
    }
}
