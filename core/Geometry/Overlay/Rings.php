<?php

declare(strict_types=1);

namespace Uvret\Geometry\Overlay;

use Uvret\Geometry\GeometryException;
use Uvret\Geometry\Grid;

/**
 * The input of an overlay as two flat columns of coordinates.
 *
 * Every ring takes a run of slots and is closed: its last slot repeats its first. The edge of slot e
 * goes to slot e + 1, so that an edge is known by one number.
 */
final class Rings
{
    /** @var list<int> */
    public array $x = [];

    /** @var list<int> */
    public array $y = [];

    /** @var list<int> the first slot of each ring; a last entry stands behind the last ring */
    public array $start = [0];

    /** @var list<int> the operand of each ring: 0 or 1 */
    public array $operand = [];

    /** @var list<int> rings with the same number above 0 are known to neither cross nor touch each other */
    public array $apart = [];

    /**
     * Adds rings that a caller gave. Repeated points are dropped, rings without three different
     * points as well.
     *
     * @param array<array<mixed>> $rings flat lists x0, y0, x1, y1, … in whole µm, not closed
     *
     * @throws GeometryException for lists of odd length, numbers that are not whole or out of range
     */
    public function addLoose(array $rings, int $operand): void
    {
        $limit = Grid::LIMIT;
        foreach ($rings as $ring) {
            if (!\array_is_list($ring)) {
                throw GeometryException::notAList();
            }
            $count = \count($ring);
            if (0 !== $count % 2) {
                throw GeometryException::oddRing($count);
            }
            $x = $y = [];
            $lastX = $lastY = null;
            for ($i = 0; $i < $count; $i += 2) {
                $px = $ring[$i];
                $py = $ring[$i + 1];
                if ($px === $lastX && $py === $lastY) {
                    continue;
                }
                if (!\is_int($px) || !\is_int($py)) {
                    throw GeometryException::notWhole(\is_int($px) ? $py : $px);
                }
                if ($px > $limit || $px < -$limit || $py > $limit || $py < -$limit) {
                    throw GeometryException::outOfRange($px > $limit || $px < -$limit ? $px : $py);
                }
                $x[] = $lastX = $px;
                $y[] = $lastY = $py;
            }
            $last = \count($x) - 1;
            while ($last > 0 && $x[$last] === $x[0] && $y[$last] === $y[0]) {
                \array_pop($x);
                \array_pop($y);
                --$last;
            }
            if ($last < 2) {
                continue;
            }
            $x[] = $x[0];
            $y[] = $y[0];
            $this->append($x, $y, $operand);
        }
    }

    /**
     * Adds a closed curve on the grid given as columns; repeated points are dropped.
     *
     * @param list<int> $x
     * @param list<int> $y
     */
    public function addColumns(array $x, array $y, int $operand): void
    {
        $ringX = $ringY = [];
        $lastX = $x[\count($x) - 1] ?? null;
        $lastY = $y[\count($y) - 1] ?? null;
        foreach ($x as $i => $px) {
            $py = $y[$i];
            if ($px !== $lastX || $py !== $lastY) {
                $ringX[] = $lastX = $px;
                $ringY[] = $lastY = $py;
            }
        }
        if (isset($ringX[2])) {
            $ringX[] = $ringX[0];
            $ringY[] = $ringY[0];
            $this->append($ringX, $ringY, $operand);
        }
    }

    /**
     * Adds the rings of a valid region.
     *
     * @param list<list<int>> $rings
     * @param bool            $apart whether no two of them touch
     */
    public function addValid(array $rings, int $operand, bool $apart): void
    {
        $number = $apart ? \count($this->operand) + 1 : 0;
        foreach ($rings as $ring) {
            $x = $y = [];
            $count = \count($ring);
            for ($i = 0; $i < $count; $i += 2) {
                $x[] = $ring[$i];
                $y[] = $ring[$i + 1];
            }
            $x[] = $ring[0];
            $y[] = $ring[1];
            $this->append($x, $y, $operand, $number);
        }
    }

    /**
     * @param list<int> $x
     * @param list<int> $y
     */
    private function append(array $x, array $y, int $operand, int $apart = 0): void
    {
        \array_push($this->x, ...$x);
        \array_push($this->y, ...$y);
        $this->start[] = \count($this->x);
        $this->operand[] = $operand;
        $this->apart[] = $apart;
    }
}
