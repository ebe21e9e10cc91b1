<?php

declare(strict_types=1);

namespace Uvret\Compose\Treat;

use Uvret\Design\Design;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;

/** Finds unintended overlaps of cards. */
final readonly class Overlaps
{
    /** Smaller overlaps are not reported, in µm². */
    private const LEAST = 2e6;

    /** @param array<string, Card> $cards by their ids */
    public function __construct(
        private Design $design,
        private array $cards,
        private Depths $depths,
        private Notes $notes,
    ) {
    }

    public function find(): void
    {
        $this->order();
        $this->overlaps();
    }

    /** Insets are read top to bottom: adds a remark if that differs from the typed order. */
    private function order(): void
    {
        foreach ($this->cards as $card) {
            $first = $this->design->line($card->id);
            foreach (null === $first || !$card->isSeen() ? [] : $card->treatments->setInto->cards as $id) {
                $target = $this->cards[$id] ?? null;
                $second = $this->design->line($id);
                if (null === $second || null === $target || !$target->isSeen()) {
                    continue;
                }
                $typed = \array_search($first, $this->design->lines, true) <=> \array_search($second, $this->design->lines, true);
                $middle = static fn (Card $one): int => ($one->base[0]->ink->bottom ?? 0) + ($one->base[0]->ink->top ?? 0);
                if ($typed !== ($middle($target) <=> $middle($card))) {
                    $this->notes->remark(RemarkKind::ReadsOtherwise, ...($typed < 0 ? [$card, $target] : [$target, $card]));
                }
            }
        }
    }

    /** Overlapping cards that are not set into or cut from each other. */
    private function overlaps(): void
    {
        $cards = \array_values(\array_filter($this->cards, static fn (Card $card): bool => $card->isSeen() && !$card->isSpent));
        foreach ($cards as $number => $card) {
            foreach (\array_slice($cards, $number + 1) as $other) {
                [$box, $otherBox] = [self::reach($card), self::reach($other)];
                if (null === $box || null === $otherBox || !$box->overlaps($otherBox)) {
                    continue;
                }
                $areLines = null !== $this->design->line($card->id) && null !== $this->design->line($other->id);
                $merged = $this->common($card, $other, true);
                $isMerged = $merged->area() > self::LEAST;
                $common = $isMerged || !$areLines ? $merged : $this->common($card, $other, false);
                if ($common->area() > self::LEAST) {
                    $upper = $this->depths->of($card->id) > $this->depths->of($other->id) ? $card : $other;
                    $kind = $isMerged ? RemarkKind::Unseen : RemarkKind::OnLettering;
                    $this->notes->remark($kind, $upper, $upper === $card ? $other : $card, at: $common);
                }
            }
        }
    }

    /** Where two cards overlap in one film with nothing between them, or in different films. */
    private function common(Card $card, Card $other, bool $inOneFilm): Region
    {
        $common = [];
        foreach ($card->base as $part) {
            foreach ($other->base as $otherPart) {
                if (($part->film === $otherPart->film) === $inOneFilm) {
                    $both = $part->region->intersect($otherPart->region);
                    $common[] = $inOneFilm && $both->area() > self::LEAST ? $both->subtract(...$this->between($card, $other, $part->film)) : $both;
                }
            }
        }

        return Region::empty()->union(...$common);
    }

    /** Bounds of a card's own ink with its copies. */
    private static function reach(Card $card): ?Box
    {
        $reach = null;
        foreach ($card->base as $part) {
            $box = $part->reach();
            $reach = null === $box ? $reach : ($reach?->joined($box) ?? $box);
        }

        return $reach;
    }

    /** @return list<Region> parts of other films that separate two cards in one film */
    private function between(Card $card, Card $other, string $film): array
    {
        $depths = [$this->depths->of($card->id), $this->depths->of($other->id)];
        $regions = [];
        foreach ($this->cards as $middle) {
            $depth = $this->depths->of($middle->id);
            foreach ($middle->isSeen() && $depth > \min($depths) && $depth < \max($depths) ? [...$middle->base, ...$middle->added] : [] as $part) {
                if ($part->film !== $film) {
                    $regions[] = $part->region;
                }
            }
        }

        return $regions;
    }
}
