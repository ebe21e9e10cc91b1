<?php

declare(strict_types=1);

namespace Uvret\Layout\Nest;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Nests frames on film: a coarse pass first, finer passes in several orders, then random moves in the best order. Every pass is compacted
 * with the true shapes. The same pieces, seed and number of steps give the same result.
 */
final class Nesting
{
    /** Cell size of the first pass and of all later ones, in µm. */
    private const ROUGH = 2_000;

    private const FINE = 1_000;

    /** Maximum distance of a move in the order. */
    private const NEAR = 12;

    private ?Nested $best = null;

    /** @var list<Piece> */
    private array $order = [];

    /**
     * @param list<Piece> $pieces
     * @param int         $width  of the film, in µm
     * @param int         $gap    between frames, in µm
     */
    private function __construct(
        private readonly array $pieces,
        private readonly int $width,
        private readonly int $gap,
    ) {
    }

    /**
     * @param list<Piece> $pieces
     * @param int         $width  of the film, in µm
     * @param int         $gap    between frames, in µm
     *
     * @return \Generator<int, Nested> the best so far after each step, without end where a piece fits on the film; nothing where one does not
     */
    public static function steps(array $pieces, int $width, int $gap = 0, int $seed = 1): \Generator
    {
        $nesting = new self($pieces, $width, $gap);
        $random = new Randomizer(new Mt19937($seed));
        foreach ($nesting->first() as $cell => $order) {
            $nesting->take($order, \intdiv($cell, 10));
            if (null === $nesting->best) {
                return;
            }
            yield $nesting->best;
        }
        for ($best = $nesting->best; null !== $best; $best = $nesting->best ?? $best) {
            $nesting->take($nesting->moved($random), self::FINE);
            yield $nesting->best ?? $best;
        }
    }

    /** @return iterable<int, list<Piece>> orders with ten times the cell of the raster and a number, so that none has the same */
    private function first(): iterable
    {
        $by = [
            static fn (Piece $piece): float => $piece->frame->area(),
            static fn (Piece $piece): float => (float) \max(self::size($piece)),
            static fn (Piece $piece): float => (float) \array_sum(self::size($piece)),
            static fn (Piece $piece): float => (float) \min(self::size($piece)),
        ];
        foreach ([self::ROUGH, self::FINE] as $cell) {
            foreach (self::ROUGH === $cell ? \array_slice($by, 0, 1) : $by as $number => $size) {
                $order = $this->pieces;
                \usort($order, static fn (Piece $a, Piece $b): int => $size($b) <=> $size($a));
                yield 10 * $cell + $number => $order;
            }
        }
    }

    /** @param list<Piece> $order */
    private function take(array $order, int $cell): void
    {
        // What is a few cells longer may be shorter once it is slid together.
        $longest = null === $this->best ? \INF : $this->best->length + 20.0 * $cell;
        $places = Pass::through($order, $this->width, $cell, $this->gap, $longest);
        if (null === $places) {
            return;
        }
        $nested = new Nested(Slide::down($places, $this->gap), $this->width);
        if (null === $this->best || $nested->length <= $this->best->length) {
            [$this->best, $this->order] = [$nested, $order];
        }
    }

    /** @return list<Piece> the best order with some pieces changed about */
    private function moved(Randomizer $random): array
    {
        $order = $this->order;
        $last = \count($order) - 1;
        for ($moves = $random->getInt(1, 3); $moves > 0 && $last > 0; --$moves) {
            $at = $random->getInt(0, $last);
            $to = \max(0, \min($last, $at + $random->getInt(-self::NEAR, self::NEAR)));
            $piece = \array_splice($order, $at, 1);
            \array_splice($order, $to, 0, $piece);
        }

        return $order;
    }

    /** @return array{int, int} */
    private static function size(Piece $piece): array
    {
        $box = $piece->frame->bounds();

        return [null === $box ? 0 : $box->width(), null === $box ? 0 : $box->height()];
    }
}
