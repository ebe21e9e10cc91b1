<?php

declare(strict_types=1);

namespace Uvret\Separate\Together;

use Uvret\Geometry\Box;
use Uvret\Geometry\Region;

/** Grid points inside a region, numbered row by row; each row is padded with an empty column at both ends. */
final readonly class Places
{
    /**
     * @param array<int, true> $inside by their numbers
     * @param int              $step   from one to the next, in µm
     */
    private function __construct(
        public array $inside,
        public int $step,
        public int $columns,
        private Box $box,
    ) {
    }

    /** Scanline fill. */
    public static function in(Region $region, int $step): self
    {
        $box = $region->bounds() ?? new Box(0, 0, 0, 0);
        $columns = \intdiv($box->width(), $step) + 3;
        $inside = [];
        foreach (self::crossings($region, $box, $step) as $row => $xs) {
            \sort($xs);
            for ($i = 0, $count = \count($xs) - 1; $i < $count; $i += 2) {
                $last = (int) \floor(($xs[$i + 1] - $box->left) / $step);
                for ($column = (int) \ceil(($xs[$i] - $box->left) / $step); $column <= $last; ++$column) {
                    $inside[$row * $columns + $column + 1] = true;
                }
            }
        }

        return new self($inside, $step, $columns, $box);
    }

    public function x(int $place): int
    {
        return $this->box->left + ($place % $this->columns - 1) * $this->step;
    }

    public function y(int $place): int
    {
        return $this->box->bottom + \intdiv($place, $this->columns) * $this->step;
    }

    /**
     * Grid points within a number of steps along either axis.
     *
     * @return list<int>
     */
    public function near(int $x, int $y, int $steps): array
    {
        $column = (int) \round(($x - $this->box->left) / $this->step) + 1;
        $row = (int) \round(($y - $this->box->bottom) / $this->step);
        $near = [];
        for ($r = $row - $steps; $r <= $row + $steps; ++$r) {
            for ($c = \max(0, $column - $steps); $c <= $column + $steps && $c < $this->columns; ++$c) {
                if (isset($this->inside[$r * $this->columns + $c])) {
                    $near[] = $r * $this->columns + $c;
                }
            }
        }

        return $near;
    }

    /** Whether the straight line between two points stays in the region. */
    public function sees(int $from, int $to): bool
    {
        [$x, $y] = [$from % $this->columns, \intdiv($from, $this->columns)];
        [$dx, $dy] = [$to % $this->columns - $x, \intdiv($to, $this->columns) - $y];
        for ($i = 1, $count = 2 * \max(\abs($dx), \abs($dy)); $i < $count; ++$i) {
            if (!isset($this->inside[(int) \round($y + $dy * $i / $count) * $this->columns + (int) \round($x + $dx * $i / $count)])) {
                return false;
            }
        }

        return true;
    }

    /** @return array<int, list<float>> where each row crosses the edge */
    private static function crossings(Region $region, Box $box, int $step): array
    {
        $crossings = [];
        foreach ($region->rings() as $ring) {
            $count = \count($ring);
            [$px, $py] = [$ring[$count - 2], $ring[$count - 1]];
            for ($i = 0; $i < $count; $i += 2) {
                [$nx, $ny] = [$ring[$i], $ring[$i + 1]];
                // A row belongs to an edge from its lower end on, to below its upper one.
                $first = (int) \ceil((\min($py, $ny) - $box->bottom) / $step);
                for ($row = $first; $row * $step + $box->bottom < \max($py, $ny); ++$row) {
                    $crossings[$row][] = $px + ($nx - $px) * ($row * $step + $box->bottom - $py) / ($ny - $py);
                }
                [$px, $py] = [$nx, $ny];
            }
        }

        return $crossings;
    }
}
