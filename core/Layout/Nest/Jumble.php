<?php

declare(strict_types=1);

namespace Uvret\Layout\Nest;

use Random\Randomizer;

/**
 * Convex polygons that overlap on a film, pulled apart one by one: guided local search (Egeblad, Nielsen and Odgaard 2007, “Fast neighborhood
 * search for two- and three-dimensional nesting problems”). A piece goes where the depths of its overlaps, each with the weight of its pair,
 * are least; the weights of pairs that stay in each other's way grow. Lengths in µm.
 */
final class Jumble
{
    /** Extra gap against rounding, and the part of it that may be missing at the end. */
    private const HAIR = 2.0;

    private const MISSING = 0.5;

    /** Random places tried per piece, and how many of the best are followed downhill. */
    private const TRIED = 24;

    private const FOLLOWED = 3;

    /** Maximum number of steps, and of steps without gain. */
    private const STEPS = 10;

    private const STALLED = 4;

    /** Growth of the weight of an overlapping pair, of the deepest pair, and decay of the other weights. */
    private const GROWTH = 1.2;

    private const DEEPEST = 2.0;

    private const EASED = 0.95;

    private const DICE = 1_000_000;

    /** @var array<int, float> by piece */
    private array $x = [];

    /** @var array<int, float> likewise */
    private array $y = [];

    /** @var array<int, int> likewise */
    private array $shape = [];

    /** @var array<int, array<int, float>> by both pieces */
    private array $weights = [];

    /** @var list<float> by shape */
    private array $widths = [];

    /** @var list<float> */
    private array $heights = [];

    /** @var list<float> by shape, with the gap */
    private array $right = [];

    /** @var list<float> likewise */
    private array $top = [];

    /** @var array<int, list<float>> half planes by both shapes */
    private array $planes = [];

    /**
     * @param list<Convex>    $shapes every piece in every rotation
     * @param list<list<int>> $own    by piece: its shapes
     * @param float           $width  of the film
     * @param int             $gap    between pieces
     */
    public function __construct(
        private readonly array $shapes,
        private readonly array $own,
        private readonly float $width,
        private readonly int $gap,
        private readonly Randomizer $random,
    ) {
        foreach ($shapes as $shape) {
            $this->widths[] = $shape->width;
            $this->heights[] = $shape->height;
            $this->right[] = $shape->width + $gap + self::HAIR;
            $this->top[] = $shape->height + $gap + self::HAIR;
        }
    }

    /**
     * Starts from places on a film that may be too short for them.
     *
     * @param list<array{int, float, float}> $places by piece: shape, x, y
     */
    public function put(array $places, float $length): void
    {
        [$this->shape, $this->x, $this->y] = [[], [], []];
        foreach ($places as [$shape, $x, $y]) {
            $this->shape[] = $shape;
            $this->x[] = \min($x, $this->width - $this->widths[$shape]);
            $this->y[] = \max(0.0, \min($y, $length - $this->heights[$shape]));
        }
        $this->weights = \array_fill(0, \count($places), \array_fill(0, \count($places), 1.0));
    }

    /** @return list<array{int, float, float}> by piece: shape, x, y */
    public function places(): array
    {
        return \array_map(fn (int $piece): array => [$this->shape[$piece], $this->x[$piece], $this->y[$piece]], \array_keys($this->own));
    }

    /** Moves every overlapping piece once; returns the total depth of overlaps before, 0 if there are none. */
    public function pull(float $length): float
    {
        $depths = $this->depths();
        if ([] === $depths) {
            return 0.0;
        }
        $deepest = \max(\array_map(static fn (array $with): float => \max($with), $depths));
        $moved = [];
        for ($one = 0, $count = \count($this->x); $one < $count; ++$one) {
            for ($other = $one + 1; $other < $count; ++$other) {
                $depth = $depths[$one][$other] ?? 0.0;
                $grown = $depth > 0.0 ? self::GROWTH + (self::DEEPEST - self::GROWTH) * $depth / $deepest : self::EASED;
                $this->weights[$one][$other] = $this->weights[$other][$one] = \max(1.0, $this->weights[$one][$other] * $grown);
                if ($depth > 0.0) {
                    $moved[$one] = $one;
                    $moved[$other] = $other;
                }
            }
        }
        foreach ($this->random->shuffleArray($moved) as $piece) {
            $this->move($piece, $length);
        }

        return \array_sum(\array_map(static fn (array $with): float => \array_sum($with), $depths));
    }

    /** @return array<int, non-empty-array<int, float>> of the overlapping pairs, lower number first */
    private function depths(): array
    {
        $depths = [];
        for ($one = 0, $count = \count($this->x); $one < $count; ++$one) {
            for ($other = $one + 1; $other < $count; ++$other) {
                $depth = $this->depth($one, $other);
                if ($depth > self::MISSING) {
                    $depths[$one][$other] = $depth;
                }
            }
        }

        return $depths;
    }

    private function depth(int $one, int $other): float
    {
        [$dx, $dy] = [$this->x[$one] - $this->x[$other], $this->y[$one] - $this->y[$other]];
        $least = \INF;
        $planes = $this->planes($this->shape[$other], $this->shape[$one]);
        for ($at = 0, $ends = \count($planes); $at < $ends && $least > 0.0; $at += 3) {
            $least = \min($least, $planes[$at + 2] - $planes[$at] * $dx - $planes[$at + 1] * $dy);
        }

        return \max(0.0, $least);
    }

    /** Moves a piece to the position and rotation with the least overlap weight among those tried. */
    private function move(int $piece, float $length): void
    {
        $best = $this->follow($piece, $this->shape[$piece], $this->x[$piece], $this->y[$piece], $length);
        foreach ($best[0] > 0.0 ? $this->tried($piece, $length) : [] as [, $shape, $x, $y]) {
            $low = $this->follow($piece, $shape, $x, $y, $length);
            if ($low[0] < $best[0]) {
                $best = $low;
            }
            if ($low[0] <= 0.0) {
                break;
            }
        }
        [, $this->shape[$piece], $this->x[$piece], $this->y[$piece]] = $best;
    }

    /**
     * Random places, every third one near the current place.
     *
     * @return list<array{float, int, float, float}> the best: weight of the overlaps, shape, x, y
     */
    private function tried(int $piece, float $length): array
    {
        $best = [];
        $limit = \INF;
        $own = $this->own[$piece];
        for ($try = 0; $try < self::TRIED; ++$try) {
            $shape = $own[$this->random->getInt(0, \count($own) - 1)];
            [$right, $top] = [$this->width - $this->widths[$shape], $length - $this->heights[$shape]];
            if ($top < 0.0) {
                continue;
            }
            [$across, $along] = [$this->random->getInt(0, self::DICE) / self::DICE, $this->random->getInt(0, self::DICE) / self::DICE];
            [$x, $y] = 0 === $try % 3
                ? [$this->x[$piece] + ($across - 0.5) * $this->widths[$shape], $this->y[$piece] + ($along - 0.5) * $this->heights[$shape]]
                : [$across * $right, $along * $top];
            [$x, $y] = [\max(0.0, \min($x, $right)), \max(0.0, \min($y, $top))];
            $weight = $this->weigh($piece, $shape, $x, $y, $limit);
            if ($weight < $limit) {
                $best[] = [$weight, $shape, $x, $y];
                \sort($best);
                $best = \array_slice($best, 0, self::FOLLOWED);
                $limit = \count($best) < self::FOLLOWED ? \INF : $best[self::FOLLOWED - 1][0];
            }
            if ($weight <= 0.0) {
                break;
            }
        }

        return $best;
    }

    /** Overlap weight of a piece at a place, or a value no less than the limit. */
    private function weigh(int $piece, int $shape, float $x, float $y, float $limit): float
    {
        $weight = 0.0;
        [$xs, $ys, $shapes, $weights] = [$this->x, $this->y, $this->shape, $this->weights[$piece]];
        $left = -$this->right[$shape];
        $low = -$this->top[$shape];
        $all = \count($this->widths);
        $tops = $this->top;
        $rights = $this->right;
        foreach ($ys as $other => $otherY) {
            $dy = $y - $otherY;
            if ($dy <= $low) {
                continue;
            }
            $beside = $shapes[$other];
            if ($dy >= $tops[$beside]) {
                continue;
            }
            $dx = $x - $xs[$other];
            if ($dx <= $left || $dx >= $rights[$beside] || $other === $piece) {
                continue;
            }
            $planes = $this->planes[$beside * $all + $shape] ?? $this->planes($beside, $shape);
            $depth = \INF;
            for ($at = 0, $ends = \count($planes); $at < $ends && $depth > 0.0; $at += 3) {
                $beyond = $planes[$at + 2] - $planes[$at] * $dx - $planes[$at + 1] * $dy;
                if ($beyond < $depth) {
                    $depth = $beyond;
                }
            }
            if ($depth > 0.0) {
                $weight += $weights[$other] * $depth;
                if ($weight >= $limit) {
                    break;
                }
            }
        }

        return $weight;
    }

    /**
     * Descends from a place (subgradient steps to zero weight; Polyak 1969).
     *
     * @return array{float, int, float, float} the lowest: weight of the overlaps, shape, x, y
     */
    private function follow(int $piece, int $shape, float $x, float $y, float $length): array
    {
        $best = [\INF, $shape, $x, $y];
        [$right, $top] = [$this->width - $this->widths[$shape], $length - $this->heights[$shape]];
        for ($step = $stalled = 0; $step < self::STEPS && $stalled <= self::STALLED; ++$step) {
            [$weight, $across, $along] = $this->slope($piece, $shape, $x, $y);
            $stalled = $weight < $best[0] ? 0 : $stalled + 1;
            if ($weight < $best[0]) {
                $best = [$weight, $shape, $x, $y];
            }
            // The film's edges are no way out.
            $across = ($x <= 0.0 && $across < 0.0) || ($x >= $right && $across > 0.0) ? 0.0 : $across;
            $along = ($y <= 0.0 && $along < 0.0) || ($y >= $top && $along > 0.0) ? 0.0 : $along;
            $square = $across * $across + $along * $along;
            if ($weight <= 0.0 || $square < 1e-9) {
                break;
            }
            $x = \max(0.0, \min($right, $x + $weight / $square * $across));
            $y = \max(0.0, \min($top, $y + $weight / $square * $along));
        }

        return $best;
    }

    /** @return array{float, float, float} overlap weight of a piece at a place, and the direction out of it, across and along */
    private function slope(int $piece, int $shape, float $x, float $y): array
    {
        $weight = $across = $along = 0.0;
        [$xs, $ys, $shapes, $weights] = [$this->x, $this->y, $this->shape, $this->weights[$piece]];
        $left = -$this->right[$shape];
        $low = -$this->top[$shape];
        $all = \count($this->widths);
        $tops = $this->top;
        $rights = $this->right;
        foreach ($ys as $other => $otherY) {
            $dy = $y - $otherY;
            if ($dy <= $low) {
                continue;
            }
            $beside = $shapes[$other];
            if ($dy >= $tops[$beside]) {
                continue;
            }
            $dx = $x - $xs[$other];
            if ($dx <= $left || $dx >= $rights[$beside] || $other === $piece) {
                continue;
            }
            $planes = $this->planes[$beside * $all + $shape] ?? $this->planes($beside, $shape);
            $depth = \INF;
            $least = 0;
            for ($at = 0, $ends = \count($planes); $at < $ends && $depth > 0.0; $at += 3) {
                $beyond = $planes[$at + 2] - $planes[$at] * $dx - $planes[$at + 1] * $dy;
                if ($beyond < $depth) {
                    $depth = $beyond;
                    $least = $at;
                }
            }
            if ($depth > 0.0) {
                $weight += $weights[$other] * $depth;
                $across += $weights[$other] * $planes[$least];
                $along += $weights[$other] * $planes[$least + 1];
            }
        }

        return [$weight, $across, $along];
    }

    /** @return list<float> half planes of a shape against another, shifted by their distance */
    private function planes(int $shape, int $other): array
    {
        return $this->planes[$shape * \count($this->widths) + $other] ??= $this->shapes[$shape]->against($this->shapes[$other], $this->gap + self::HAIR);
    }
}
