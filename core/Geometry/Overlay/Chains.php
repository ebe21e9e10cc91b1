<?php

declare(strict_types=1);

namespace Uvret\Geometry\Overlay;

use Uvret\Geometry\Grid;

/**
 * The settled edges as monotone chains between nodes.
 *
 * A chain runs from its least point to its greatest, by x, then y. Chains that lie on one another
 * are merged; those whose windings cancel out are dropped.
 */
final class Chains
{
    /** @var array<int, int> slot of the least point */
    public array $least = [];

    /** @var array<int, int> slot of the greatest point */
    public array $greatest = [];

    /** @var array<int, int> key of the least point */
    public array $from = [];

    /** @var array<int, int> key of the greatest point */
    public array $to = [];

    /** @var array<int, int> how much higher operand 0's winding is above the chain than below it */
    public array $deltaA = [];

    /** @var array<int, int> the same for operand 1 */
    public array $deltaB = [];

    /** @param array<int, true> $nodes */
    public static function of(Rings $rings, array $nodes): self
    {
        $chains = new self();
        $x = $rings->x;
        $y = $rings->y;
        $stride = Grid::STRIDE;
        $twins = [];
        $chain = 0;
        foreach ($rings->operand as $ring => $operand) {
            $slot = $rings->start[$ring];
            $end = $rings->start[$ring + 1] - 1;
            $px = $x[$slot];
            $py = $y[$slot];
            $nx = $x[$slot + 1];
            $ny = $y[$slot + 1];
            while ($slot < $end) {
                $first = $slot;
                $startKey = $px * $stride + $py;
                $rising = $nx > $px || ($nx === $px && $ny > $py);
                do {
                    $px = $nx;
                    $py = $ny;
                    $key = $px * $stride + $py;
                    if (++$slot === $end) {
                        break;
                    }
                    $nx = $x[$slot + 1];
                    $ny = $y[$slot + 1];
                } while (!isset($nodes[$key]) && $rising === ($nx > $px || ($nx === $px && $ny > $py)));
                $delta = $rising ? 1 : -1;
                $from = $rising ? $startKey : $key;
                $to = $rising ? $key : $startKey;
                if ($slot === $first + 1 && isset($nodes[$from]) && isset($nodes[$to])) {
                    $twin = $twins[$from][$to] ?? null;
                    if (null !== $twin) {
                        if (0 === $operand) {
                            $chains->deltaA[$twin] += $delta;
                        } else {
                            $chains->deltaB[$twin] += $delta;
                        }
                        continue;
                    }
                    $twins[$from][$to] = $chain;
                }
                $chains->least[$chain] = $rising ? $first : $slot;
                $chains->greatest[$chain] = $rising ? $slot : $first;
                $chains->from[$chain] = $from;
                $chains->to[$chain] = $to;
                $chains->deltaA[$chain] = 0 === $operand ? $delta : 0;
                $chains->deltaB[$chain] = 0 === $operand ? 0 : $delta;
                ++$chain;
            }
        }
        foreach ($twins as $byEnd) {
            foreach ($byEnd as $twin) {
                if (0 === $chains->deltaA[$twin] && 0 === $chains->deltaB[$twin]) {
                    unset(
                        $chains->least[$twin],
                        $chains->greatest[$twin],
                        $chains->from[$twin],
                        $chains->to[$twin],
                        $chains->deltaA[$twin],
                        $chains->deltaB[$twin],
                    );
                }
            }
        }

        return $chains;
    }
}
