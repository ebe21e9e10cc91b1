<?php

declare(strict_types=1);

namespace Uvret\Layout\Nest;

/**
 * Occupancy of the film as rows of 60-bit words. Positions blocked for a span are computed for all columns at once: “any of the next 2^p
 * cells is taken” comes from doubling, two shifted copies of it cover the span.
 */
final class FilmRows
{
    public const BITS = 60;

    private const FULL = (1 << self::BITS) - 1;

    /** @var array<int, list<int>> the words of rows in which something is taken */
    private array $rows = [];

    /** @var array<int, array<int, list<int>>> by row and power: the cells from which on so many lie side by side of which one is taken */
    private array $spread = [];

    /** @var array<int, int> how many free cells lie side by side in each row at most */
    private array $free = [];

    private readonly int $words;

    /** Number of rows in use. */
    private int $end = 0;

    /** Number of rows up to the last one that is partly outside the film. */
    private int $blocked = 0;

    /** @param int $most number of rows */
    public function __construct(
        private readonly int $columns,
        private readonly int $most = \PHP_INT_MAX,
    ) {
        $this->words = \intdiv($columns, self::BITS) + 1;
    }

    /** @param Raster $outside cells outside the film or only partly inside */
    public function block(Raster $outside): void
    {
        $this->mark($outside, 0, 0);
        $this->blocked = $outside->height();
    }

    public function end(): int
    {
        return $this->end;
    }

    /**
     * The lowest, then leftmost free position at or above a row.
     *
     * @param int $below row that the shape must end below
     *
     * @return array{int, int}|null row and column
     */
    public function place(Raster $shape, int $from, int $below): ?array
    {
        $room = $this->columns - $shape->columns;
        if ($room < 0) {
            return null;
        }
        $last = \min(\min($below, $this->most) - $shape->height(), \max($this->end, $this->blocked));
        $all = $this->all($room);
        $free = $this->free;
        for ($row = $from; $row <= $last; ++$row) {
            // Most places fail by the width of some rows alone.
            foreach ($shape->wide as [$at, $width]) {
                if (($free[$row + $at] ?? $width) < $width) {
                    continue 2;
                }
            }
            $column = $this->column($shape, $row, $all);
            if (null !== $column) {
                return [$row, $column];
            }
        }

        return null;
    }

    public function take(Raster $shape, int $row, int $column): void
    {
        $this->mark($shape, $row, $column);
        $this->end = \max($this->end, $row + $shape->height());
    }

    private function mark(Raster $shape, int $row, int $column): void
    {
        foreach ($shape->rows as $at => $spans) {
            $words = $this->rows[$row + $at] ?? \array_fill(0, $this->words, 0);
            for ($i = 0, $count = \count($spans); $i < $count; $i += 2) {
                for ($cell = $column + $spans[$i], $to = $column + $spans[$i + 1]; $cell < $to;) {
                    $word = \intdiv($cell, self::BITS);
                    $bit = $cell % self::BITS;
                    $some = \min(self::BITS - $bit, $to - $cell);
                    $words[$word] |= ((1 << $some) - 1) << $bit;
                    $cell += $some;
                }
            }
            $this->rows[$row + $at] = $words = \array_values($words);
            unset($this->spread[$row + $at]);
            $this->free[$row + $at] = $this->longestFree($words);
        }
    }

    /**
     * Columns that the width allows.
     *
     * @return list<int>
     */
    private function all(int $room): array
    {
        $all = [];
        for ($word = 0; $word < $this->words; ++$word) {
            $count = $room + 1 - $word * self::BITS;
            $all[] = $count >= self::BITS ? self::FULL : ($count > 0 ? (1 << $count) - 1 : 0);
        }

        return $all;
    }

    /**
     * The leftmost free column in a row; null if there is none.
     *
     * @param list<int> $left columns that the width allows
     */
    private function column(Raster $shape, int $row, array $left): ?int
    {
        $words = $this->words;
        foreach ($shape->spans as [$at, $power, $skip, $shift, $skip2, $shift2]) {
            $film = $row + $at;
            if (!isset($this->rows[$film])) {
                continue;
            }
            $taken = $this->spread[$film][$power] ?? $this->spread($film, $power);
            $any = 0;
            for ($word = 0; $word < $words; ++$word) {
                if (0 !== $left[$word]) {
                    $one = $word + $skip;
                    $forbidden = (($taken[$one] ?? 0) >> $shift) | ((($taken[$one + 1] ?? 0) << (self::BITS - $shift)) & self::FULL);
                    $two = $word + $skip2;
                    $forbidden |= (($taken[$two] ?? 0) >> $shift2) | ((($taken[$two + 1] ?? 0) << (self::BITS - $shift2)) & self::FULL);
                    $any |= $left[$word] &= ~$forbidden;
                }
            }
            if (0 === $any) {
                return null;
            }
        }
        foreach ($left as $word => $places) {
            if (0 !== $places) {
                $lowest = $places & -$places;
                $bit = 0;
                while (1 !== $lowest) {
                    $lowest >>= 1;
                    ++$bit;
                }

                return $word * self::BITS + $bit;
            }
        }

        return null;
    }

    /** @return list<int> */
    private function spread(int $row, int $power): array
    {
        if (0 === $power) {
            return $this->spread[$row][0] = $this->rows[$row];
        }
        $half = $this->spread[$row][$power - 1] ?? $this->spread($row, $power - 1);
        $steps = 1 << ($power - 1);
        $skip = \intdiv($steps, self::BITS);
        $shift = $steps % self::BITS;
        $spread = [];
        for ($word = 0; $word < $this->words; ++$word) {
            $spread[] = $half[$word] | (($half[$word + $skip] ?? 0) >> $shift) | ((($half[$word + $skip + 1] ?? 0) << (self::BITS - $shift)) & self::FULL);
        }

        return $this->spread[$row][$power] = $spread;
    }

    /** @param list<int> $words */
    private function longestFree(array $words): int
    {
        $longest = $run = 0;
        for ($column = 0; $column < $this->columns;) {
            $word = $words[\intdiv($column, self::BITS)];
            if (0 === $column % self::BITS && 0 === $word) {
                $some = \min(self::BITS, $this->columns - $column);
                $run += $some;
                $column += $some;
            } elseif (0 === $column % self::BITS && self::FULL === $word) {
                $longest = \max($longest, $run);
                $run = 0;
                $column += self::BITS;
            } else {
                if (0 !== ($word >> $column % self::BITS & 1)) {
                    $longest = \max($longest, $run);
                    $run = 0;
                } else {
                    ++$run;
                }
                ++$column;
            }
        }

        return \max($longest, $run);
    }
}
