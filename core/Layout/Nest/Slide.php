<?php

declare(strict_types=1);

namespace Uvret\Layout\Nest;

use Uvret\Geometry\Region;

/**
 * Compacts a layout along the film, lowest frames first; the raster leaves gaps of up to two cells. A frame can move by the least vertical
 * distance from its corners to edges below, and from corners below to its edges.
 */
final class Slide
{
    /** Column width of the edge index, in µm. */
    private const COLUMN = 4_000;

    /** Repeats while a frame moves by more than this (µm), at most that many times. */
    private const WORTH = 100;

    private const TIMES = 3;

    /** Rounding allowance, in µm. */
    private const HAIR = 2;

    /** @var array<int, list<array{int, int, int, int, int}>> edges by column, from left to right, and whose they are */
    private array $edges = [];

    /** @var array<int, list<array{int, int, int}>> corners, likewise */
    private array $corners = [];

    /** @var array<int, int> how far each has gone */
    private array $gone = [];

    /**
     * @param list<Place> $places
     * @param int         $gap    between frames, in µm
     *
     * @return list<Place>
     */
    public static function down(array $places, int $gap): array
    {
        $slide = new self();
        $shapes = \array_map(static fn (Place $place): Region => $gap > 0 ? $place->outline()->offset(\intdiv($gap + 1, 2)) : $place->outline(), $places);
        foreach ($shapes as $own => $shape) {
            $slide->put($own, $shape);
        }
        $order = \array_keys($places);
        \usort($order, static fn (int $a, int $b): int => [$places[$a]->y, $places[$a]->x] <=> [$places[$b]->y, $places[$b]->x]);
        for ($times = 0, $moved = true; $moved && $times < self::TIMES; ++$times) {
            $moved = false;
            foreach ($order as $own) {
                $left = $places[$own]->y - $slide->gone[$own];
                $room = $slide->room($own, $shapes[$own]);
                $far = \INF === $room ? $left : \max(0, \min($left, (int) \floor($room) - self::HAIR));
                $slide->gone[$own] += $far;
                $moved = $moved || $far > self::WORTH;
            }
        }

        return \array_map(static fn (int $own): Place => $places[$own]->lower($slide->gone[$own]), \array_keys($places));
    }

    private function put(int $own, Region $shape): void
    {
        $this->gone[$own] = 0;
        foreach (self::edgesOf($shape) as [$x, $y, $toX, $toY]) {
            $this->corners[\intdiv($x, self::COLUMN)][] = [$x, $y, $own];
            for ($column = \intdiv(\min($x, $toX), self::COLUMN), $last = \intdiv(\max($x, $toX), self::COLUMN); $column <= $last; ++$column) {
                $this->edges[$column][] = $x <= $toX ? [$x, $y, $toX, $toY, $own] : [$toX, $toY, $x, $y, $own];
            }
        }
    }

    /** Distance a frame can move before it meets another. */
    private function room(int $own, Region $shape): float
    {
        $room = \INF;
        $edges = [];
        foreach (self::edgesOf($shape) as [$x, $y, $toX, $toY]) {
            // Each corner of the shape against the edges beneath it.
            $y -= $this->gone[$own];
            $toY -= $this->gone[$own];
            foreach ($this->edges[\intdiv($x, self::COLUMN)] as [$left, $low, $right, $high, $of]) {
                if ($of !== $own && $x >= $left && $x <= $right && $left !== $right) {
                    $room = self::nearer($room, $y - $low - ($high - $low) * ($x - $left) / ($right - $left) + $this->gone[$of]);
                }
            }
            for ($column = \intdiv(\min($x, $toX), self::COLUMN), $last = \intdiv(\max($x, $toX), self::COLUMN); $column <= $last; ++$column) {
                $edges[$column][] = $x <= $toX ? [$x, $y, $toX, $toY] : [$toX, $toY, $x, $y];
            }
        }
        // Each corner of others against the shape's edges above it.
        foreach ($edges as $column => $above) {
            foreach ($this->corners[$column] ?? [] as [$x, $y, $of]) {
                if ($of === $own) {
                    continue;
                }
                foreach ($above as [$left, $low, $right, $high]) {
                    if ($x >= $left && $x <= $right && $left !== $right) {
                        $room = self::nearer($room, $low + ($high - $low) * ($x - $left) / ($right - $left) - $y + $this->gone[$of]);
                    }
                }
            }
        }

        return $room;
    }

    /** Edges above do not block. */
    private static function nearer(float $room, float $far): float
    {
        return $far >= -1.0 && $far < $room ? $far : $room;
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
