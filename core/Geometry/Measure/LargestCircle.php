<?php

declare(strict_types=1);

namespace Uvret\Geometry\Measure;

use Uvret\Geometry\Region;

/**
 * The radius of the largest circle in a region.
 *
 * Squares over the region are divided where they promise the largest circle, until none promises
 * more than the best one found (the pole of inaccessibility, found as by Garcia-Castellanos and
 * Lombardo, 2007, with a quadtree). Along strokes of even width very many squares promise the same;
 * then insets, halved between what was found and what is promised, settle it.
 */
final class LargestCircle
{
    /** The radius is exact to half of this, in µm. */
    private const PRECISION = 12;

    private const SQUARES = 6000;

    public static function radius(Region $region): float
    {
        if ($region->isEmpty()) {
            return 0.0;
        }
        [$found, $promised] = self::search($region);
        $least = (int) $found;
        $greatest = (int) \ceil($promised);
        if ($greatest - $least > self::PRECISION) {
            $candidates = $region->pieces();
            while ($greatest - $least > self::PRECISION) {
                $middle = \intdiv($least + $greatest, 2);
                $left = \array_filter($candidates, static fn (Region $piece): bool => !$piece->offset(-$middle)->isEmpty());
                if ([] === $left) {
                    $greatest = $middle;
                } else {
                    $least = $middle;
                    $candidates = $left;
                }
            }
            [$found, $promised] = [(float) $least, (float) $greatest];
        }

        return ($found + $promised) / 2;
    }

    /** @return array{float, float} lower and upper bound of the radius */
    private static function search(Region $region): array
    {
        $tree = BoxTree::of($region->rings());
        $best = 0.0;
        /** @var \SplPriorityQueue<float, array{float, float, float}> $queue */
        $queue = new \SplPriorityQueue();
        $queue->setExtractFlags(\SplPriorityQueue::EXTR_BOTH);
        $look = static function (float $x, float $y, float $half) use ($tree, $queue, &$best): void {
            $distance = $tree->distance($x, $y);
            $distance = $tree->holds($x, $y) ? $distance : -$distance;
            $best = \max($best, $distance);
            $promise = $distance + $half * \M_SQRT2;
            if ($promise > $best + self::PRECISION / 2) {
                $queue->insert([$x, $y, $half], $promise);
            }
        };
        foreach ($region->pieces() as $piece) {
            $box = RingMeasure::box($piece->rings()[0]);
            $half = \max(1, \min($box->width(), $box->height())) / 2;
            for ($x = $box->left + $half; $x < $box->right + $half; $x += 2 * $half) {
                for ($y = $box->bottom + $half; $y < $box->top + $half; $y += 2 * $half) {
                    $look($x, $y, $half);
                }
            }
        }
        for ($looked = 0; !$queue->isEmpty() && $looked < self::SQUARES; ++$looked) {
            /** @var array{data: array{float, float, float}, priority: float} $next */
            $next = $queue->extract();
            if ($next['priority'] <= $best + self::PRECISION / 2) {
                break;
            }
            [$x, $y, $half] = $next['data'];
            $half /= 2;
            $look($x - $half, $y - $half, $half);
            $look($x + $half, $y - $half, $half);
            $look($x - $half, $y + $half, $half);
            $look($x + $half, $y + $half, $half);
        }
        $promise = $best;
        if (!$queue->isEmpty()) {
            /** @var array{priority: float} $next */
            $next = $queue->top();
            $promise = \max($best, $next['priority']);
        }

        return [$best, $promise];
    }
}
