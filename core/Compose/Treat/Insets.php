<?php

declare(strict_types=1);

namespace Uvret\Compose\Treat;

use Uvret\Compose\Part;
use Uvret\Design\Treatment\Into;
use Uvret\Design\Treatment\Islands;
use Uvret\Geometry\Region;

/** Sets cards into and cuts cards from one another. */
final class Insets
{
    /** @var array<string, Region> cut-outs by card */
    private array $rooms = [];

    /** @param array<string, Card> $cards by their ids */
    public function __construct(
        private readonly array $cards,
        private readonly Depths $depths,
        private readonly Growing $growing,
        private readonly Trimming $trimming,
        private readonly Notes $notes,
    ) {
    }

    /** @return array<string, Region> cut-outs by card */
    public function rooms(): array
    {
        return $this->rooms;
    }

    public function setInto(Card $card): void
    {
        $into = $card->treatments->setInto;
        if (Into::None === $into->into || !$card->isSeen()) {
            return;
        }
        $targets = Into::All === $into->into ? $this->beneath($card) : $this->named($card, $into->cards);
        if ([] === $targets) {
            return;
        }
        $room = $this->growing->offset($card->hull(), $into->clearance, $into->corner);
        foreach ($targets as $target) {
            $this->take($card, $target, $room);
        }
        $card->isSpent = !$into->keep;
    }

    public function cutFrom(Card $card): void
    {
        $from = $card->treatments->cutFrom;
        if (!$card->isCutOut() || !$card->isSeen()) {
            return;
        }
        $target = $this->named($card, [$from->card])[0] ?? null;
        if (null === $target) {
            return;
        }
        $shape = $card->shape();
        $bridges = \in_array($from->islands, [Islands::Bridge, Islands::BridgeOrDrop], true) ? Bridges::across($shape, $from->bridge) : null;
        $small = $bridges->small ?? [];
        $cut = match ($from->islands) {
            Islands::Keep => $shape,
            Islands::Drop => $shape->union(...$shape->holes()),
            Islands::Bridge => $bridges->cut ?? $shape,
            Islands::BridgeOrDrop => ($bridges->cut ?? $shape)->union(...$small),
        };
        $loose = $this->loose($target, match ($from->islands) {
            Islands::Keep => $shape->holes(),
            Islands::Bridge => $small,
            Islands::Drop, Islands::BridgeOrDrop => [],
        });
        if ([] !== $loose) {
            $this->notes->remark(
                null === $bridges ? RemarkKind::LooseIslands : RemarkKind::TooSmallForBridges,
                $card,
                $target,
                \count($loose),
                $loose[0],
                $bridges?->larger() ?? 1.0,
            );
        }
        $this->take($card, $target, $cut, \count($loose));
        $card->isSpent = true;
    }

    /**
     * @param list<Region> $islands
     *
     * @return list<Region> islands that overlap the target card
     */
    private function loose(Card $target, array $islands): array
    {
        return \array_values(\array_filter($islands, static fn (Region $hole): bool => !$hole->intersect($target->shape())->isEmpty()));
    }

    /**
     * Adds a remark for each missing card.
     *
     * @param list<string> $ids
     *
     * @return list<Card>
     */
    private function named(Card $card, array $ids): array
    {
        $cards = [];
        foreach ($ids as $id) {
            $other = $this->cards[$id] ?? null;
            if (null === $other || $other === $card) {
                $this->notes->remark(RemarkKind::NoOther, $card, $card);
            } else {
                $cards[] = $other;
            }
        }

        return $cards;
    }

    /** @return list<Card> cards beneath a card */
    private function beneath(Card $card): array
    {
        $shape = $card->shape();

        return \array_values(\array_filter($this->cards, fn (Card $other): bool => $other !== $card
            && $other->isSeen()
            && !$other->isSpent
            && $this->depths->of($other->id) < $this->depths->of($card->id)
            && !$other->hull()->intersect($shape)->isEmpty()));
    }

    /** Cuts a shape out of all parts of a card; adds a remark if that cuts it right through. */
    private function take(Card $card, Card $target, Region $room, int $islands = 0): void
    {
        if (!$target->isSeen()) {
            return;
        }
        $this->rooms[$target->id] = ($this->rooms[$target->id] ?? Region::empty())->union($room);
        $before = \count($target->shape()->pieces());
        $cutting = $this->trimming->cutting($room);
        $cut = fn (Part $part): Part => $this->trimming->cut($part, $cutting);
        $target->base = \array_map($cut, $target->base);
        $target->added = \array_map($cut, $target->added);
        $more = \count($target->shape()->pieces()) - $before - $islands;
        // Cards in several pieces, such as block letters, don't hold together anyway.
        if ($more > 0 && 1 === $before) {
            $this->notes->remark(RemarkKind::CutThrough, $card, $target, $more, $room);
        }
    }
}
