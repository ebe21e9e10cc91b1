<?php

declare(strict_types=1);

namespace Uvret\Layout\Nest;

use Random\Randomizer;
use Uvret\Layout\Stock;

/**
 * Lays rectangles on a roll without a raster: the lowest gap of the skyline takes the rectangle that fits it best (Burke, Kendall and
 * Whitwell 2004, “A new placement heuristic for the orthogonal stock-cutting problem”), with some chance in what counts as best.
 */
final class BestFit
{
    /** Layouts tried in one step. */
    private const TRIES = 150;

    /** Maximum number of rectangles compared per gap, so that large sets take no longer for each. */
    private const COMPARED = 60;

    /** Score beside the filled share of the gap: exact fit, level with a neighbour, height per half metre. */
    private const EXACT = 1.0;

    private const LEVEL = 0.5;

    private const TALL = 1.0;

    private const CHANCE = 0.3;

    /** Resolution of the random part. */
    private const DICE = 1_000_000;

    /** @var list<array{int, int, int}> skyline: left, width, height, from left to right */
    private array $line;

    private int $least = \PHP_INT_MAX;

    /**
     * @param list<Piece>                            $pieces
     * @param array<int, list<array{int, int, int}>> $sizes  by piece, for each distinct rotation: rotation, width, height, gap included
     */
    private function __construct(
        private readonly array $pieces,
        private readonly array $sizes,
        private readonly Stock $roll,
        private readonly int $gap,
        private readonly Randomizer $random,
    ) {
    }

    /**
     * @param list<Piece> $pieces
     *
     * @return self|null null if not all frames are rectangles
     */
    public static function of(array $pieces, Stock $roll, int $gap, Randomizer $random): ?self
    {
        $sizes = [];
        foreach ($pieces as $piece) {
            $box = $piece->frame->bounds();
            if (null === $box || $piece->frame->area() !== (float) $box->width() * $box->height()) {
                return null;
            }
            $both = [];
            foreach ($piece->turns as $turn) {
                if (0 !== $turn % 90) {
                    return null;
                }
                [$width, $height] = 0 === $turn % 180 ? [$box->width(), $box->height()] : [$box->height(), $box->width()];
                $both["$width $height"] ??= [$turn, $width + $gap, $height + $gap];
            }
            $sizes[] = \array_values($both);
        }

        return new self($pieces, $sizes, $roll, $gap, $random);
    }

    /** The best of several tries if it is shorter than all before. */
    public function step(): ?Nested
    {
        $places = null;
        for ($try = 0; $try < self::TRIES; ++$try) {
            $places = $this->laid() ?? $places;
        }

        return null === $places ? null : new Nested($places, [$this->roll]);
    }

    /** @return list<Place>|null null if it is no shorter, or a rectangle is wider than the film */
    private function laid(): ?array
    {
        $film = $this->roll->usable->bounds() ?? throw new \LogicException('A film has an area.');
        $this->line = [[0, $film->width() + $this->gap, 0]];
        $left = $this->sizes;
        $places = [];
        $length = 0;
        while ([] !== $left) {
            $at = $this->lowest();
            $fit = $this->fit($at, $left);
            if (null === $fit) {
                if (1 === \count($this->line)) {
                    return null;
                }
                $this->raise($at);
                continue;
            }
            [$piece, $turn, $wide, $high] = $fit;
            unset($left[$piece]);
            [$x, $y] = $this->put($at, $wide, $high);
            $places[] = new Place($this->pieces[$piece], $turn, $film->left + $x, $film->bottom + $y, $this->roll->id);
            $length = \max($length, $y + $high);
            if ($length >= $this->least || $y + $high - $this->gap > $film->height()) {
                return null;
            }
        }
        $this->least = $length;

        return $places;
    }

    private function lowest(): int
    {
        $lowest = 0;
        foreach ($this->line as $at => [, , $height]) {
            if ($height < $this->line[$lowest][2]) {
                $lowest = $at;
            }
        }

        return $lowest;
    }

    /**
     * @param array<int, list<array{int, int, int}>> $left
     *
     * @return array{int, int, int, int}|null piece, turn, width and height
     */
    private function fit(int $at, array $left): ?array
    {
        [, $width, $low] = $this->line[$at];
        [$before, $behind] = [$this->line[$at - 1][2] ?? null, $this->line[$at + 1][2] ?? null];
        $best = null;
        $most = -1.0;
        $compared = 0;
        foreach ($left as $piece => $sizes) {
            foreach ($sizes as [$turn, $wide, $high]) {
                if ($wide > $width) {
                    continue;
                }
                $top = $low + $high;
                $score = $wide / $width
                    + ($wide === $width ? self::EXACT : 0.0)
                    + ($top === $before || $top === $behind ? self::LEVEL : 0.0)
                    + self::TALL * $high / 500_000
                    + self::CHANCE * $this->random->getInt(0, self::DICE) / self::DICE;
                if ($score > $most) {
                    [$most, $best] = [$score, [$piece, $turn, $wide, $high]];
                }
                if (++$compared > self::COMPARED) {
                    return $best;
                }
            }
        }

        return $best;
    }

    /**
     * Places a rectangle next to the higher neighbour of a gap.
     *
     * @return array{int, int} lower left corner
     */
    private function put(int $at, int $wide, int $high): array
    {
        [$x, $width, $low] = $this->line[$at];
        $isLeft = ($this->line[$at - 1][2] ?? \PHP_INT_MAX) >= ($this->line[$at + 1][2] ?? \PHP_INT_MAX);
        $own = [$isLeft ? $x : $x + $width - $wide, $wide, $low + $high];
        $rest = [$isLeft ? $x + $wide : $x, $width - $wide, $low];
        \array_splice($this->line, $at, 1, $wide === $width ? [$own] : ($isLeft ? [$own, $rest] : [$rest, $own]));
        $this->join();

        return [$own[0], $low];
    }

    /** Closes a gap that no rectangle fits. */
    private function raise(int $at): void
    {
        [$x, $width] = $this->line[$at];
        $this->line[$at] = [$x, $width, \min($this->line[$at - 1][2] ?? \PHP_INT_MAX, $this->line[$at + 1][2] ?? \PHP_INT_MAX)];
        $this->join();
    }

    /** Merges neighbours of the same height. */
    private function join(): void
    {
        $joined = [];
        $open = null;
        foreach ($this->line as [$x, $width, $height]) {
            if (null !== $open && $open[2] === $height) {
                $open = [$open[0], $open[1] + $width, $height];
                continue;
            }
            if (null !== $open) {
                $joined[] = $open;
            }
            $open = [$x, $width, $height];
        }
        $this->line = null === $open ? $joined : [...$joined, $open];
    }
}
