<?php

declare(strict_types=1);

namespace Uvret\Layout\Nest;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Uvret\Layout\Stock;

/**
 * Nests frames on film: a coarse pass for a first answer, finer passes in several orders, then beam searches. A beam search lays the pieces in
 * stages; each of the states that are kept is continued in several shuffled orders, and the densest are kept (Ow and Morton, 1988: filtered
 * beam search). On a roll rectangles are laid by best fit instead, and few convex frames are pulled
 * apart on less and less film. The same pieces, seed and number of steps give the same result.
 */
final class Nesting
{
    /** Raster cells of the first pass and of all later ones, across and along the film, in µm. Frames are slid together along it. */
    private const ROUGH = [2_000, 4_000];

    private const FINE = [1_000, 3_000];

    /** Stages of a beam search, states kept from each, and orders tried from each state. */
    private const STAGES = 24;

    private const KEPT = 2;

    private const TRIED = 4;

    /** In a shuffled order a piece counts as up to this share larger or smaller. */
    private const SHUFFLE = 0.1;

    private ?Nested $best = null;

    private readonly Randomizer $random;

    /**
     * @param list<Piece> $pieces
     * @param list<Stock> $stocks
     * @param list<Place> $pinned
     */
    private function __construct(
        private readonly array $pieces,
        private readonly array $stocks,
        private readonly int $gap,
        private readonly array $pinned,
        int $seed,
    ) {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /**
     * @param list<Piece> $pieces
     * @param list<Stock> $stocks in the order in which they are filled
     * @param int         $gap    between frames, in µm
     * @param list<Place> $pinned pieces that stay where they are, besides the others
     *
     * @return \Generator<int, Nested> the best so far after each step; without end where there is more than one piece
     */
    public static function steps(array $pieces, array $stocks, int $gap = 0, int $seed = 1, array $pinned = []): \Generator
    {
        $nesting = new self($pieces, $stocks, $gap, $pinned, $seed);
        $sizes = $nesting->sizes();
        yield $nesting->best($nesting->inOrder(self::order($sizes[0]), self::ROUGH));
        foreach ($sizes as $size) {
            yield $nesting->best($nesting->inOrder(self::order($size), self::FINE));
        }
        $isPlain = 1 === \count($stocks) && $stocks[0]->isRoll && [] === $pinned && [] === $nesting->best?->left;
        $bestFit = $isPlain ? BestFit::of($pieces, $stocks[0], $gap, $nesting->random) : null;
        $separation = $isPlain && null === $bestFit ? Separation::of($pieces, $stocks[0], $gap, $nesting->random) : null;
        for ($run = 0; \count($pieces) > 1; ++$run) {
            if (null !== $bestFit || null !== $separation) {
                yield $nesting->best($bestFit?->step() ?? $separation?->step($nesting->best(null)));
                continue;
            }
            foreach ($nesting->beam($sizes[$run % 2]) as $nested) {
                yield $nesting->best($nested);
            }
        }
    }

    private function best(?Nested $nested): Nested
    {
        // A layout from raster and slides counts only if it is valid by the exact frames.
        if (null !== $nested && $nested->isBetterThan($this->best) && [] === $nested->faults($this->gap)) {
            $this->best = $nested;
        }

        return $this->best ?? throw new \LogicException('The first pass gives a layout.');
    }

    /**
     * Measures by which the largest pieces are laid first: area, width and height together, the longer side, the shorter side.
     *
     * @return array{array<int, float>, array<int, float>, array<int, float>, array<int, float>}
     */
    private function sizes(): array
    {
        $areas = $halves = $long = $short = [];
        foreach ($this->pieces as $at => $piece) {
            $box = $piece->frame->bounds() ?? throw new \LogicException('A frame has an area.');
            [$width, $height] = [$box->width(), $box->height()];
            $areas[$at] = $piece->frame->area();
            $halves[$at] = (float) ($width + $height);
            $long[$at] = (float) \max($width, $height);
            $short[$at] = (float) \min($width, $height);
        }

        return [$areas, $halves, $long, $short];
    }

    /**
     * @param array<int, float> $sizes
     *
     * @return list<int> the largest first
     */
    private static function order(array $sizes): array
    {
        \arsort($sizes);

        return \array_keys($sizes);
    }

    /**
     * @param list<int>       $order
     * @param array{int, int} $cell
     */
    private function inOrder(array $order, array $cell): Nested
    {
        $pass = $this->pass($cell);
        foreach ($order as $at) {
            $pass->lay($this->pieces[$at]);
        }

        return $pass->nested();
    }

    /** @param array{int, int} $cell */
    private function pass(array $cell): Pass
    {
        return new Pass($this->stocks, $cell[0], $cell[1], $this->gap, $this->pinned);
    }

    /**
     * @param array<int, float> $sizes
     *
     * @return \Generator<int, Nested|null> null after each stage but the last
     */
    private function beam(array $sizes): \Generator
    {
        $beam = [[$this->pass(self::FINE), $sizes]];
        $each = (int) \ceil(\count($sizes) / self::STAGES);
        for ($laid = 0, $count = \count($sizes); $laid < $count; $laid += $each) {
            $next = [];
            foreach ($beam as [$pass, $left]) {
                for ($try = 0; $try < self::TRIED; ++$try) {
                    $next[] = $this->stage(clone $pass, $left, $each);
                }
            }
            \usort($next, static fn (array $a, array $b): int => $b[0]->density() <=> $a[0]->density());
            $beam = \array_slice($next, 0, self::KEPT);
            yield null;
        }
        foreach ($beam as [$pass]) {
            yield $pass->nested();
        }
    }

    /**
     * @param array<int, float> $left sizes of the pieces left to place
     *
     * @return array{Pass, array<int, float>}
     */
    private function stage(Pass $pass, array $left, int $count): array
    {
        $shuffled = \array_map(fn (float $size): float => $size * (1 + self::SHUFFLE * $this->random->getInt(-1_000, 1_000) / 1_000), $left);
        foreach (\array_slice(self::order($shuffled), 0, $count) as $at) {
            $pass->lay($this->pieces[$at]);
            unset($left[$at]);
        }

        return [$pass, $left];
    }
}
