<?php

declare(strict_types=1);

namespace Uvret\Cut\Knife;

use Uvret\Geometry\Measure\BoxTree;

/**
 * Start points of rings: on straight or gently curved edges of strokes that are not thin, because a cut that starts and ends at a sharp
 * corner tears in weeding.
 */
final readonly class Starts
{
    /** Maximum number of candidates per ring. */
    private const MOST = 16;

    /** Larger turns are corners, in radians. */
    private const CORNER = 0.3;

    /** Distance of starts from corners, in µm. */
    private const AWAY = 800.0;

    /** Depth of film required behind a start, and the share of it that must be free of other edges. */
    private const INSIDE = 1_000;

    private const SHARE = 0.7;

    private BoxTree $edges;

    /** @param list<list<int>> $rings all rings of a layer, film on their left */
    public function __construct(array $rings)
    {
        $this->edges = BoxTree::of($rings);
    }

    /**
     * Start points of a ring; the straightest place if none is good.
     *
     * @param list<int> $ring
     *
     * @return non-empty-list<array{int, int, int}> index of the point before, x, y
     */
    public function of(array $ring): array
    {
        $count = \intdiv(\count($ring), 2);
        [$lengths, $turns] = self::measured($ring, $count);
        $perimeter = \array_sum($lengths);
        $step = $perimeter / self::MOST;
        $good = $fair = [];
        [$along, $next, $best, $least] = [0.0, 0.0, 0, \INF];
        for ($i = 0; $i < $count; ++$i) {
            if ($turns[$i] < $least) {
                [$best, $least] = [$i, $turns[$i]];
            }
            $middle = $lengths[$i] / 2;
            if ($along + $middle < $next) {
                $along += $lengths[$i];
                continue;
            }
            $to = ($i + 1) % $count;
            if ($middle >= \min(self::AWAY, $perimeter / 20) || self::isGentle($lengths, $turns, $i, $count)) {
                [$x, $y] = [$ring[2 * $i], $ring[2 * $i + 1]];
                [$dx, $dy] = [$ring[2 * $to] - $x, $ring[2 * $to + 1] - $y];
                $point = [$i, $x + \intdiv($dx, 2), $y + \intdiv($dy, 2)];
                $length = \max(1.0, $lengths[$i]);
                [$inX, $inY] = [$point[1] - (int) (self::INSIDE * $dy / $length), $point[2] + (int) (self::INSIDE * $dx / $length)];
                if ($this->edges->edgeNearer($inX, $inY, self::SHARE * self::INSIDE) < 0) {
                    $good[] = $point;
                } else {
                    $fair[] = $point;
                }
                $next = $along + $middle + $step;
            }
            $along += $lengths[$i];
        }
        $found = [] !== $good ? $good : $fair;

        return [] !== $found ? $found : [[$best, $ring[2 * $best], $ring[2 * $best + 1]]];
    }

    /**
     * The ring beginning at a start.
     *
     * @param list<int>            $ring
     * @param array{int, int, int} $start
     *
     * @return list<int>
     */
    public static function turned(array $ring, array $start): array
    {
        [$behind, $x, $y] = $start;
        $from = 2 * $behind + 2;
        $turned = [...\array_slice($ring, $from), ...\array_slice($ring, 0, $from)];
        $count = \count($turned);

        // The start may be an existing point.
        return $turned[$count - 2] === $x && $turned[$count - 1] === $y
            ? [$x, $y, ...\array_slice($turned, 0, $count - 2)]
            : [$x, $y, ...$turned];
    }

    /**
     * @param list<int> $ring
     *
     * @return array{list<float>, list<float>} length of each edge, and turn at each point
     */
    private static function measured(array $ring, int $count): array
    {
        $lengths = $angles = $turns = [];
        for ($i = 0; $i < $count; ++$i) {
            $to = ($i + 1) % $count;
            [$dx, $dy] = [$ring[2 * $to] - $ring[2 * $i], $ring[2 * $to + 1] - $ring[2 * $i + 1]];
            $lengths[] = \hypot($dx, $dy);
            $angles[] = \atan2($dy, $dx);
        }
        for ($i = 0; $i < $count; ++$i) {
            $turn = $angles[$i] - $angles[($i + $count - 1) % $count];
            $turns[] = \abs($turn - 2 * \M_PI * \round($turn / (2 * \M_PI)));
        }

        return [$lengths, $turns];
    }

    /**
     * Whether an edge is far from corners.
     *
     * @param list<float> $lengths
     * @param list<float> $turns
     */
    private static function isGentle(array $lengths, array $turns, int $edge, int $count): bool
    {
        for ($far = $lengths[$edge] / 2, $i = $edge; $far < self::AWAY; $far += $lengths[$i]) {
            $i = ($i + 1) % $count;
            if ($turns[$i] > self::CORNER || $i === $edge) {
                return false;
            }
        }
        for ($far = $lengths[$edge] / 2, $i = $edge; $far < self::AWAY; $far += $lengths[$i]) {
            if ($turns[$i] > self::CORNER) {
                return false;
            }
            $i = ($i + $count - 1) % $count;
            if ($i === $edge) {
                return false;
            }
        }

        return true;
    }
}
