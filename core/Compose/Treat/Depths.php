<?php

declare(strict_types=1);

namespace Uvret\Compose\Treat;

use Uvret\Compose\Part;
use Uvret\Compose\PartRole;
use Uvret\Design\Card as DesignCard;
use Uvret\Design\Design;
use Uvret\Design\Film;

/**
 * Stacking order. Bottom to top, a card is its shadow, its outlines (widest first), its base and its inline; outlines around several cards
 * lie right beneath the lowest of them.
 */
final class Depths
{
    /** @var array<string, int> positions of the cards, bottom to top */
    private readonly array $cards;

    /** @var array<string, int> order of the films among the parts of one card */
    private readonly array $films;

    public function __construct(Design $design)
    {
        $this->cards = \array_flip(\array_map(static fn (DesignCard $card): string => $card->id, $design->depths()));
        $this->films = \array_flip(\array_map(static fn (Film $film): string => $film->id, $design->films));
    }

    /** A card's position, bottom to top. */
    public function of(string $card): int
    {
        return $this->cards[$card] ?? 0;
    }

    /**
     * @param list<Part>                            $parts of the cards with what their treatments add, each card's from the inside out
     * @param list<array{part: Part, beneath: int}> $wide  what goes round several cards, from the inside out, and the place of the
     *                                                     lowest of those
     *
     * @return list<Part> all of them, with their depths
     */
    public function given(array $parts, array $wide): array
    {
        $keys = [];
        foreach ($parts as $at => $part) {
            $keys[] = [$this->of($part->card), 1, ...$this->within($part, $at)];
        }
        foreach ($wide as $at => ['beneath' => $beneath]) {
            $keys[] = [$beneath, 0, 0, -$at];
        }
        $order = \array_keys($keys);
        \usort($order, static fn (int $a, int $b): int => $keys[$a] <=> $keys[$b]);
        $depths = \array_flip($order);

        return \array_map(
            static fn (Part $part, int $at): Part => $part->at($depths[$at]),
            [...$parts, ...\array_column($wide, 'part')],
            \array_keys($keys),
        );
    }

    /** @return array{int, int} */
    private function within(Part $part, int $at): array
    {
        return match ($part->role) {
            PartRole::Shadow => [0, -$at],
            PartRole::Outline => [1, -$at],
            PartRole::Base => [2, $this->films[$part->film] ?? 0],
            PartRole::Inline => [3, 0],
        };
    }
}
