<?php

declare(strict_types=1);

namespace Uvret\Geometry\Overlay;

use Uvret\Geometry\Box;
use Uvret\Geometry\Measure\RingMeasure;

/**
 * Pieces of two operands that are independent of the other's, by their boxes: they need no overlay and are
 * kept or dropped whole. They must not touch overlaid pieces either, which rounding may bend towards them.
 */
final readonly class Bystanders
{
    /** Pieces with boxes farther apart are independent, in µm. */
    private const APART = 4;

    /** Above this number of pairs only the boxes of whole operands are compared. */
    private const PAIRS = 40_000;

    /**
     * @param array{list<list<list<int>>>, list<list<list<int>>>} $involved the pieces of either operand that are overlaid, each its rings
     * @param array{list<list<list<int>>>, list<list<list<int>>>} $aside    the others
     */
    private function __construct(
        public array $involved,
        public array $aside,
    ) {
    }

    /**
     * @param list<list<list<int>>> $first  pieces, each its rings, the outer one first
     * @param list<list<list<int>>> $second
     */
    public static function of(array $first, array $second): self
    {
        $boxes = [self::boxes($first), self::boxes($second)];
        $meets = [self::near($boxes[0], self::around($boxes[1])), self::near($boxes[1], self::around($boxes[0]))];
        if (\count($meets[0]) * \count($meets[1]) <= self::PAIRS) {
            $meets = self::pairs($boxes, $meets);
        }
        $meets = [self::withNeighbours($first, $boxes[0], $meets[0]), self::withNeighbours($second, $boxes[1], $meets[1])];

        return new self(
            [\array_values(\array_intersect_key($first, $meets[0])), \array_values(\array_intersect_key($second, $meets[1]))],
            [\array_values(\array_diff_key($first, $meets[0])), \array_values(\array_diff_key($second, $meets[1]))],
        );
    }

    /**
     * @param list<list<list<int>>> $pieces
     *
     * @return list<Box>
     */
    private static function boxes(array $pieces): array
    {
        return \array_map(static fn (array $rings): Box => RingMeasure::box($rings[0]), $pieces);
    }

    /** @param list<Box> $boxes */
    private static function around(array $boxes): ?Box
    {
        $around = null;
        foreach ($boxes as $box) {
            $around = $around?->joined($box) ?? $box;
        }

        return $around?->grown(self::APART);
    }

    /**
     * @param list<Box> $boxes
     *
     * @return array<int, true> the numbers of those that overlap a box
     */
    private static function near(array $boxes, ?Box $around): array
    {
        $near = [];
        foreach ($boxes as $number => $box) {
            if (true === $around?->overlaps($box)) {
                $near[$number] = true;
            }
        }

        return $near;
    }

    /**
     * @param array{list<Box>, list<Box>}               $boxes
     * @param array{array<int, true>, array<int, true>} $candidates
     *
     * @return array{array<int, true>, array<int, true>}
     */
    private static function pairs(array $boxes, array $candidates): array
    {
        $meets = [[], []];
        foreach ($candidates[0] as $number => $_) {
            $grown = $boxes[0][$number]->grown(self::APART);
            foreach ($candidates[1] as $other => $_) {
                if ($grown->overlaps($boxes[1][$other])) {
                    $meets[0][$number] = $meets[1][$other] = true;
                }
            }
        }

        return $meets;
    }

    /**
     * Adds the pieces of the same operand that touch these, transitively.
     *
     * @param list<list<list<int>>> $pieces
     * @param list<Box>             $boxes
     * @param array<int, true>      $meets
     *
     * @return array<int, true>
     */
    private static function withNeighbours(array $pieces, array $boxes, array $meets): array
    {
        $new = \array_keys($meets);
        while ([] !== $new) {
            $around = self::around(\array_map(static fn (int $number): Box => $boxes[$number], $new));
            $others = \array_keys(\array_diff_key(self::near($boxes, $around), $meets));
            if (\count($new) * \count($others) > self::PAIRS) {
                return $meets + \array_fill_keys($others, true);
            }
            $added = [];
            foreach ($others as $other) {
                foreach ($new as $number) {
                    if ($boxes[$number]->grown(self::APART)->overlaps($boxes[$other]) && self::touch($pieces[$number], $pieces[$other], $boxes[$other])) {
                        $meets[$other] = true;
                        $added[] = $other;
                        break;
                    }
                }
            }
            $new = $added;
        }

        return $meets;
    }

    /**
     * Whether edges of two pieces may be near each other, by the boxes of either's edges inside the other's box.
     *
     * @param list<list<int>> $one
     * @param list<list<int>> $other
     */
    private static function touch(array $one, array $other, Box $otherBox): bool
    {
        $within = self::edgesWithin($one, $otherBox->grown(self::APART));
        $within = null === $within ? null : self::edgesWithin($other, $within->grown(self::APART));

        return null !== $within && null !== self::edgesWithin($one, $within->grown(self::APART));
    }

    /**
     * The box of what lies within a box of the edges' own boxes.
     *
     * @param list<list<int>> $rings
     */
    private static function edgesWithin(array $rings, Box $box): ?Box
    {
        $left = $bottom = \PHP_INT_MAX;
        $right = $top = \PHP_INT_MIN;
        foreach ($rings as $ring) {
            $count = \count($ring);
            $px = $ring[$count - 2];
            $py = $ring[$count - 1];
            for ($i = 0; $i < $count; $i += 2) {
                $x = $ring[$i];
                $y = $ring[$i + 1];
                if (
                    ($x >= $box->left || $px >= $box->left)
                    && ($x <= $box->right || $px <= $box->right)
                    && ($y >= $box->bottom || $py >= $box->bottom)
                    && ($y <= $box->top || $py <= $box->top)
                ) {
                    $left = \min($left, $x, $px);
                    $right = \max($right, $x, $px);
                    $bottom = \min($bottom, $y, $py);
                    $top = \max($top, $y, $py);
                }
                $px = $x;
                $py = $y;
            }
        }

        return $left > $right ? null : new Box(\max($left, $box->left), \max($bottom, $box->bottom), \min($right, $box->right), \min($top, $box->top));
    }
}
