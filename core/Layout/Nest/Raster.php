<?php

declare(strict_types=1);

namespace Uvret\Layout\Nest;

use Uvret\Geometry\Region;

/** Grid cells that a shape covers, as spans per row; touching a cell boundary does not count. */
final readonly class Raster
{
    /** Number of rows for the quick width test. */
    private const LOOKS = 6;

    /**
     * @param list<list<int>>                           $rows  spans of each row: flat lists from, to, from, to, …, to is the first column behind
     * @param list<array{int, int, int, int, int, int}> $spans all, of the widest row first, then of rows far apart, then of those between: row,
     *                                                         power of two that fits, and words and bits to skip to its first and last position
     * @param list<array{int, int}>                     $wide  for some rows far apart the width of their widest span
     */
    private function __construct(
        public array $rows,
        public array $spans,
        public array $wide,
        public int $columns,
    ) {
    }

    /** @param Region $shape with its left bottom corner at the origin */
    public static function of(Region $shape, int $across, int $along): self
    {
        $box = $shape->bounds() ?? throw new \LogicException('A frame has an area.');
        $height = (int) \ceil($box->top / $along);
        $rows = \array_map(self::joined(...), self::touched($shape, $across, $along, $height));
        [$spans, $wide] = self::apart($rows);

        return new self($rows, $spans, $wide, (int) \ceil($box->right / $across));
    }

    /**
     * @param list<array{int, int}> $spans
     *
     * @return list<int> disjoint spans, left to right
     */
    private static function joined(array $spans): array
    {
        \sort($spans);
        $joined = [];
        $open = null;
        foreach ($spans as [$from, $to]) {
            if (null === $open) {
                $open = $from < $to ? [$from, $to] : null;
            } elseif ($open[1] >= $from) {
                $open = [$open[0], \max($open[1], $to)];
            } elseif ($from < $to) {
                \array_push($joined, ...$open);
                $open = [$from, $to];
            }
        }

        return null === $open ? $joined : [...$joined, ...$open];
    }

    /**
     * Orders spans so that collisions show early: the widest row, then rows far apart.
     *
     * @param list<list<int>> $rows
     *
     * @return array{list<array{int, int, int, int, int, int}>, list<array{int, int}>}
     */
    private static function apart(array $rows): array
    {
        $widths = \array_map(static function (array $spans): int {
            $most = 0;
            for ($i = 0, $count = \count($spans); $i < $count; $i += 2) {
                $most = \max($most, $spans[$i + 1] - $spans[$i]);
            }

            return $most;
        }, $rows);
        $count = \count($rows);
        $order = [(int) \array_search(\max(0, ...$widths), $widths, true) => true];
        for ($step = 1 << (int) \log(\max(1, $count), 2); $step > 0; $step >>= 1) {
            for ($row = 0; $row < $count; $row += $step) {
                $order[$row] = true;
            }
            $order[$count - 1] = true;
        }
        $spans = $wide = [];
        foreach (\array_keys($order) as $row) {
            for ($i = 0, $ends = \count($rows[$row]); $i < $ends; $i += 2) {
                $spans[] = self::span($row, $rows[$row][$i], $rows[$row][$i + 1]);
            }
            if (\count($wide) < self::LOOKS) {
                $wide[] = [$row, $widths[$row]];
            }
        }

        return [$spans, $wide];
    }

    /** @return array{int, int, int, int, int, int} */
    private static function span(int $row, int $from, int $to): array
    {
        $power = 0;
        while ((2 << $power) <= $to - $from) {
            ++$power;
        }
        $second = $to - (1 << $power);

        return [$row, $power, \intdiv($from, FilmRows::BITS), $from % FilmRows::BITS, \intdiv($second, FilmRows::BITS), $second % FilmRows::BITS];
    }

    /** @return list<list<array{int, int}>> by row: from where to where edges go there, and what lies inside on half of its height */
    private static function touched(Region $shape, int $across, int $along, int $height): array
    {
        $touched = \array_fill(0, $height, []);
        $crossings = \array_fill(0, $height, []);
        foreach ($shape->rings() as $ring) {
            $count = \count($ring);
            [$x, $y] = [$ring[$count - 2], $ring[$count - 1]];
            for ($i = 0; $i < $count; $i += 2) {
                [$toX, $toY] = [$ring[$i], $ring[$i + 1]];
                [$low, $high] = [\min($y, $toY), \max($y, $toY)];
                $last = (int) \ceil($high / $along) - 1;
                for ($row = \max(0, \intdiv($low, $along)); $row <= $last; ++$row) {
                    // Part of the edge in this row.
                    [$bottom, $top] = [\max($low, $row * $along), \min($high, ($row + 1) * $along)];
                    $at = static fn (float $height): float => $y === $toY ? (float) $x : $x + ($toX - $x) * ($height - $y) / ($toY - $y);
                    [$one, $other] = [$at($bottom), $y === $toY ? (float) $toX : $at($top)];
                    $touched[$row][] = [(int) \floor(\min($one, $other) / $across + 1e-9), (int) \ceil(\max($one, $other) / $across - 1e-9)];
                    $middle = ($row + 0.5) * $along;
                    if (($y <= $middle) !== ($toY <= $middle)) {
                        $crossings[$row][] = $at($middle);
                    }
                }
                [$x, $y] = [$toX, $toY];
            }
        }
        foreach ($crossings as $row => $places) {
            \sort($places);
            for ($i = 0, $count = \count($places) - 1; $i < $count; $i += 2) {
                $touched[$row][] = [(int) \floor($places[$i] / $across + 1e-9), (int) \ceil($places[$i + 1] / $across - 1e-9)];
            }
        }

        return $touched;
    }

    public function height(): int
    {
        return \count($this->rows);
    }
}
