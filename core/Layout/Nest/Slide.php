<?php

declare(strict_types=1);

namespace Uvret\Layout\Nest;

use Uvret\Geometry\Affine;
use Uvret\Geometry\Region;

/**
 * Slides frames along the film as far as their true shapes let them, the ones that lie lowest first: a raster keeps them up to two cells
 * farther apart than they have to be. How far one can go is the least upright distance from its corners to edges beneath, and from
 * corners beneath to its edges.
 */
final class Slide
{
    /** How broad the columns are by which edges are found, in µm. */
    private const COLUMN = 4_000;

    /** What is kept for rounding, in µm. */
    private const HAIR = 2;

    /** @var array<int, list<array{int, int, int, int}>> edges of what lies already, by column, from left to right */
    private array $edges = [];

    /** @var array<int, list<array{int, int}>> corners, likewise */
    private array $corners = [];

    /**
     * @param list<Place> $places
     * @param int         $gap    between frames, in µm
     *
     * @return list<Place>
     */
    public static function down(array $places, int $gap): array
    {
        $slide = new self();
        $order = \array_keys($places);
        \usort($order, static fn (int $a, int $b): int => [$places[$a]->y, $places[$a]->x] <=> [$places[$b]->y, $places[$b]->x]);
        foreach ($order as $at) {
            $place = $places[$at];
            $region = $gap > 0 ? $place->outline()->offset(\intdiv($gap + 1, 2)) : $place->outline();
            $room = $slide->room($region);
            $far = \INF === $room ? $place->y : \max(0, \min($place->y, (int) \floor($room) - self::HAIR));
            $places[$at] = new Place($place->piece, $place->turn, $place->x, $place->y - $far);
            $slide->settle($region->transform(Affine::move(0, -$far)));
        }

        return \array_values($places);
    }

    /** How far a shape can go before it meets what lies already. */
    private function room(Region $shape): float
    {
        $room = \INF;
        $own = [];
        foreach (self::edgesOf($shape) as [$x, $y, $toX, $toY]) {
            // Each corner of the shape against the edges beneath it.
            foreach ($this->edges[\intdiv($x, self::COLUMN)] ?? [] as $edge) {
                $room = self::nearer($room, $y - self::at($edge, $x));
            }
            for ($column = \intdiv(\min($x, $toX), self::COLUMN), $last = \intdiv(\max($x, $toX), self::COLUMN); $column <= $last; ++$column) {
                $own[$column][] = $x <= $toX ? [$x, $y, $toX, $toY] : [$toX, $toY, $x, $y];
            }
        }
        foreach ($own as $column => $edges) {
            foreach ($this->corners[$column] ?? [] as [$x, $y]) {
                foreach ($edges as $edge) {
                    $room = self::nearer($room, self::at($edge, $x) - $y);
                }
            }
        }

        return $room;
    }

    private function settle(Region $shape): void
    {
        foreach (self::edgesOf($shape) as [$x, $y, $toX, $toY]) {
            $this->corners[\intdiv($x, self::COLUMN)][] = [$x, $y];
            for ($column = \intdiv(\min($x, $toX), self::COLUMN), $last = \intdiv(\max($x, $toX), self::COLUMN); $column <= $last; ++$column) {
                $this->edges[$column][] = $x <= $toX ? [$x, $y, $toX, $toY] : [$toX, $toY, $x, $y];
            }
        }
    }

    /** What lies above, at most touching, does not stand in the way. */
    private static function nearer(float $room, float $far): float
    {
        return $far >= -1.0 && $far < $room ? $far : $room;
    }

    /**
     * How high an edge is at a place across; not a number beside it.
     *
     * @param array{int, int, int, int} $edge from left to right
     */
    private static function at(array $edge, int $x): float
    {
        [$left, $y, $right, $toY] = $edge;

        return $x < $left || $x > $right || $left === $right ? \NAN : $y + ($toY - $y) * ($x - $left) / ($right - $left);
    }

    /** @return iterable<array{int, int, int, int}> */
    private static function edgesOf(Region $shape): iterable
    {
        foreach ($shape->rings() as $ring) {
            $count = \count($ring);
            [$x, $y] = [$ring[$count - 2], $ring[$count - 1]];
            for ($i = 0; $i < $count; $i += 2) {
                yield [$x, $y, $ring[$i], $ring[$i + 1]];
                [$x, $y] = [$ring[$i], $ring[$i + 1]];
            }
        }
    }
}
