<?php

declare(strict_types=1);

namespace Uvret\Separate\Together;

use Uvret\Geometry\Region;

/**
 * Shortest paths that connect pieces: Dijkstra from all pieces at once labels each grid point with its nearest piece; where labels meet,
 * there is a candidate path; Kruskal keeps the shortest that connect what is still apart. After K. Mehlhorn, A faster approximation
 * algorithm for the Steiner problem in graphs, 1988.
 */
final class Ways
{
    /** Maximum distance from a piece to the start of a path, in steps. */
    private const REACH = 2;

    /** Maximum path length, in µm, and buckets per step of the priority queue. */
    private const LONGEST = 120_000;

    private const PARTS = 4;

    /** @var array<int, float> the way from the nearest piece */
    private array $far = [];

    /** @var array<int, int> the nearest piece */
    private array $piece = [];

    /** @var array<int, int> the place before, on the way from the piece */
    private array $before = [];

    /** @var array<int, array{int, int}> where ways begin, on the edge of the piece */
    private array $begin = [];

    private function __construct(private readonly Places $places)
    {
    }

    /**
     * @param list<Region> $pieces
     *
     * @return list<list<int>> flat lists x0, y0, x1, y1, … in µm, from the edge of a piece to that of another
     */
    public static function between(array $pieces, Places $places): array
    {
        $ways = new self($places);
        $ways->spread($pieces);
        $group = \array_keys($pieces);
        $taken = [];
        foreach ($ways->meetings() as [, $one, $other]) {
            [$kept, $joined] = [$group[$ways->piece[$one]], $group[$ways->piece[$other]]];
            if ($kept !== $joined) {
                $taken[] = $ways->way($one, $other);
                $group = \array_map(static fn (int $own): int => $own === $joined ? $kept : $own, $group);
            }
        }

        return $taken;
    }

    /** @param list<Region> $pieces */
    private function spread(array $pieces): void
    {
        // By whole parts of a step, so that what is nearest is found without sorting.
        $queue = [];
        $part = $this->places->step / self::PARTS;
        foreach ($pieces as $number => $piece) {
            foreach ($this->edge($piece) as [$x, $y]) {
                foreach ($this->places->near($x, $y, self::REACH) as $place) {
                    $far = \hypot($this->places->x($place) - $x, $this->places->y($place) - $y);
                    if ($far < ($this->far[$place] ?? \INF)) {
                        $this->far[$place] = $far;
                        $this->piece[$place] = $number;
                        $this->begin[$place] = [$x, $y];
                        $queue[(int) ($far / $part)][] = $place;
                    }
                }
            }
        }
        $neighbours = $this->neighbours();
        $inside = $this->places->inside;
        $last = (int) (self::LONGEST / 2 / $part);
        for ($at = 0; $at <= $last && [] !== $queue; ++$at) {
            // What is found on the way lies a step farther at least.
            foreach ($queue[$at] ?? [] as $place) {
                $far = $this->far[$place];
                if ((int) ($far / $part) < $at) {
                    continue;
                }
                foreach ($neighbours as $step => $length) {
                    $next = $place + $step;
                    if (isset($inside[$next]) && $far + $length < ($this->far[$next] ?? \INF)) {
                        $this->far[$next] = $far + $length;
                        $this->piece[$next] = $this->piece[$place];
                        $this->before[$next] = $place;
                        unset($this->begin[$next]);
                        $queue[(int) (($far + $length) / $part)][] = $next;
                    }
                }
            }
            unset($queue[$at]);
        }
    }

    /** @return list<array{float, int, int}> length and places of neighbours that belong to two pieces, the shortest way first */
    private function meetings(): array
    {
        $shortest = [];
        $neighbours = $this->neighbours();
        foreach ($this->piece as $place => $piece) {
            foreach ($neighbours as $step => $length) {
                $next = $place + $step;
                $other = $this->piece[$next] ?? $piece;
                if ($other > $piece) {
                    $whole = $this->far[$place] + $length + $this->far[$next];
                    if ($whole < ($shortest[$piece.' '.$other][0] ?? \INF)) {
                        $shortest[$piece.' '.$other] = [$whole, $place, $next];
                    }
                }
            }
        }
        \sort($shortest);

        return $shortest;
    }

    /** @return list<int> */
    private function way(int $one, int $other): array
    {
        $way = [...\array_reverse($this->back($one)), ...$this->back($other)];
        [$first, $last] = [$this->begin[$way[0]], $this->begin[$way[\count($way) - 1]]];
        $points = [...$first];
        foreach ($this->straightened($way) as $place) {
            \array_push($points, $this->places->x($place), $this->places->y($place));
        }

        return [...$points, ...$last];
    }

    /** @return non-empty-list<int> the places from one back to its piece */
    private function back(int $place): array
    {
        $back = [$place];
        while (!isset($this->begin[$place])) {
            $back[] = $place = $this->before[$place];
        }

        return $back;
    }

    /**
     * String pulling: skips every point between two that see each other.
     *
     * @param non-empty-list<int> $way
     *
     * @return list<int>
     */
    private function straightened(array $way): array
    {
        $straight = [$way[0]];
        for ($at = 0, $last = \count($way) - 1; $at < $last; $at = $next) {
            for ($next = $last; $next > $at + 1 && !$this->places->sees($way[$at], $way[$next]); --$next) {
            }
            $straight[] = $way[$next];
        }

        return $straight;
    }

    /** @return array<int, float> lengths by how much larger the number of the neighbour is */
    private function neighbours(): array
    {
        [$row, $straight] = [$this->places->columns, (float) $this->places->step];
        $aslant = \M_SQRT2 * $straight;

        return [
            1 => $straight, -1 => $straight, $row => $straight, -$row => $straight,
            $row + 1 => $aslant, $row - 1 => $aslant, -$row + 1 => $aslant, -$row - 1 => $aslant,
        ];
    }

    /** @return iterable<array{int, int}> points along the edge of a piece, no more than a step apart */
    private function edge(Region $piece): iterable
    {
        foreach ($piece->rings() as $ring) {
            $count = \count($ring);
            [$px, $py] = [$ring[$count - 2], $ring[$count - 1]];
            $left = 0.0;
            for ($i = 0; $i < $count; $i += 2) {
                [$nx, $ny] = [$ring[$i], $ring[$i + 1]];
                $length = \hypot($nx - $px, $ny - $py);
                for ($along = $this->places->step - $left; $along <= $length; $along += $this->places->step) {
                    yield [(int) \round($px + ($nx - $px) * $along / $length), (int) \round($py + ($ny - $py) * $along / $length)];
                }
                $left = $length - ($along - $this->places->step);
                [$px, $py] = [$nx, $ny];
            }
            yield [$px, $py];
        }
    }
}
