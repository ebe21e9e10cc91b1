<?php

declare(strict_types=1);

namespace Uvret\Compose\Treat;

use Uvret\Compose\Memory;
use Uvret\Compose\Part;
use Uvret\Compose\PartRole;
use Uvret\Design\Design;
use Uvret\Design\Treatment\Around;
use Uvret\Design\Treatment\Islands;
use Uvret\Design\Treatment\Rim;
use Uvret\Design\Treatment\ShadowKind;
use Uvret\Geometry\Region;

/**
 * All treatments of a design, in this order: pieces are taken out and copies made; every card gets its inline, its own outlines and
 * its own shadow; then those round groups and round everything; last, cards are set into and cut from one another. What each step
 * leaves of rubbish is tidied away.
 */
final class Treatment
{
    /** Cards that share less are not worth a word, in µm². */
    private const OVERLAP = 2e6;

    /** @var array<string, Card> */
    private array $cards = [];

    /** @var list<array{part: Part, beneath: int}> outlines and shadows of several cards together, and the place of the lowest of those */
    private array $wide = [];

    /** @var list<Removal> */
    private array $removals = [];

    /** @var list<Remark> */
    private array $remarks = [];

    /** @var array<string, Region> what was cut out of each card for others */
    private array $rooms = [];

    private readonly Growing $growing;

    private readonly Depths $depths;

    /** @param list<Part> $parts of the cards as they stand */
    public function __construct(
        private readonly Design $design,
        private readonly array $parts,
        private readonly Memory $memory,
    ) {
        $this->growing = new Growing($memory);
        $this->depths = new Depths($design);
        $treatments = $design->treatments();
        $byCard = [];
        foreach ($parts as $part) {
            $byCard[$part->card][] = $part;
        }
        foreach ($byCard as $id => $own) {
            if (isset($treatments[$id])) {
                $this->cards[$id] = new Card((string) $id, $treatments[$id], $own);
            }
        }
    }

    public function done(): Treated
    {
        foreach ($this->cards as $card) {
            $this->eraseAndCopy($card);
            $this->inline($card);
            $this->ownOutlines($card);
        }
        foreach ([Around::Group, Around::All] as $around) {
            foreach ($this->cards as $card) {
                $this->wideTreatments($card, $around);
            }
        }
        foreach ($this->cards as $card) {
            $this->setInto($card);
            $this->cutFrom($card);
        }
        $this->order();
        $this->overlaps();
        $parts = [];
        foreach ($this->cards as $card) {
            \array_push(
                $parts,
                ...($card->isSpent ? \array_map(
                    static fn (Part $part): Part => $part->with(Region::empty()),
                    \array_slice($card->base, 0, 1),
                ) : [...$card->base, ...$card->added]),
            );
        }

        return new Treated($this->depths->given($parts, $this->wide), $this->removals, $this->remarks, $this->rooms);
    }

    private function eraseAndCopy(Card $card): void
    {
        $ink = $card->base[0]->ink ?? null;
        if (null === $ink || !$card->isSeen()) {
            return;
        }
        $erased = Pieces::of($card->treatments->erased, $card->base[0]);
        if (!$erased->isEmpty()) {
            $card->base = \array_map(fn (Part $part): Part => $this->cut($part, $erased), $card->base);
        }
        $places = Copying::places($card->treatments->copies, $ink);
        if (\count($places) > 1) {
            $card->base = \array_map(
                static fn (Part $part): Part => $part->with(Region::empty()->union(...\array_map($part->region->transform(...), $places))),
                $card->base,
            );
        }
        if (!$erased->isEmpty() || \count($places) > 1) {
            $card->hull = $card->shape();
        }
    }

    private function inline(Card $card): void
    {
        $inline = $card->treatments->inline;
        if (0 === $inline->width || !$card->isSeen()) {
            return;
        }
        $shape = $card->shape();
        $line = $shape->offset(-$inline->distance)->subtract($shape->offset(-$inline->distance - $inline->width));
        if ('' === $inline->film) {
            $card->base = \array_map(fn (Part $part): Part => $this->cut($part, $line), $card->base);
        } else {
            $card->add(PartRole::Inline, $inline->film, $line);
        }
    }

    private function ownOutlines(Card $card): void
    {
        if (!$card->isSeen()) {
            return;
        }
        foreach ($card->treatments->outlines as $rim) {
            if (Around::Own === $rim->around) {
                $grown = $this->grown($card->id, $card->hull, $rim);
                $card->add(PartRole::Outline, $rim->film, $grown);
                $card->hull = $grown->union($card->hull);
            }
        }
        $shadow = $card->treatments->shadow;
        if (ShadowKind::None !== $shadow->kind && '' !== $shadow->film && Around::Own === $shadow->around) {
            $cast = $this->growing->shadow($card->hull, $shadow);
            $card->add(PartRole::Shadow, $shadow->film, $cast);
            $card->hull = $card->hull->union($cast);
        }
    }

    private function wideTreatments(Card $card, Around $around): void
    {
        $rims = \array_filter($card->treatments->outlines, static fn ($rim): bool => $rim->around === $around);
        $shadow = $card->treatments->shadow;
        $hasShadow = ShadowKind::None !== $shadow->kind && '' !== $shadow->film && $shadow->around === $around;
        if (!$card->isSeen() || ([] === $rims && !$hasShadow)) {
            return;
        }
        $hulls = [];
        $lowest = $this->depths->of($card->id);
        foreach ($this->cards as $other) {
            if (
                $other->isSeen()
                && (Around::All === $around || $other === $card || ('' !== $card->treatments->group && $other->treatments->group === $card->treatments->group))
                && !$this->isCutOut($other)
            ) {
                $hulls[] = $other->hull;
                $lowest = \min($lowest, $this->depths->of($other->id));
            }
        }
        $hull = Region::empty()->union(...$hulls);
        foreach ($rims as $rim) {
            $grown = $this->grown($card->id, $hull, $rim);
            $this->addWide($card, PartRole::Outline, $rim->film, $grown, $lowest);
            $hull = $grown->union($hull);
        }
        if ($hasShadow) {
            $this->addWide($card, PartRole::Shadow, $shadow->film, $this->growing->shadow($hull, $shadow), $lowest);
        }
    }

    private function setInto(Card $card): void
    {
        $into = $card->treatments->setInto;
        if ('' === $into->card || !$card->isSeen()) {
            return;
        }
        $target = $this->cards[$into->card] ?? null;
        if (null === $target || $target === $card) {
            $this->remark(RemarkKind::NoOther, $card, $card);

            return;
        }
        $room = $this->growing->offset($card->hull, $into->clearance, $into->corner);
        $this->take($card, $target, $room);
        $card->isSpent = !$into->keep;
    }

    private function cutFrom(Card $card): void
    {
        $from = $card->treatments->cutFrom;
        if ('' === $from->card || !$card->isSeen()) {
            return;
        }
        $target = $this->cards[$from->card] ?? null;
        if (null === $target || $target === $card) {
            $this->remark(RemarkKind::NoOther, $card, $card);

            return;
        }
        $shape = $card->shape();
        $cut = match ($from->islands) {
            Islands::Keep => $shape,
            Islands::Drop => $shape->union(...$shape->holes()),
            Islands::Bridge => Bridges::leave($shape, $from->bridge),
        };
        $islands = Islands::Keep === $from->islands
            ? \count(\array_filter($shape->holes(), static fn (Region $hole): bool => !$hole->intersect($target->shape())->isEmpty()))
            : 0;
        if ($islands > 0) {
            $this->remark(RemarkKind::LooseIslands, $card, $target, $islands);
        }
        $this->take($card, $target, $cut, $islands);
        $card->isSpent = true;
    }

    /** Cuts a shape out of all parts of a card, and says where that cuts it right through. */
    private function take(Card $card, Card $target, Region $room, int $islands = 0): void
    {
        if (!$target->isSeen()) {
            return;
        }
        $this->rooms[$target->id] = ($this->rooms[$target->id] ?? Region::empty())->union($room);
        $before = \count($target->shape()->pieces());
        $cutting = new Cutting($room, $this->design->clean->spike);
        $target->base = \array_map(fn (Part $part): Part => $this->cut($part, $room, $cutting), $target->base);
        $target->added = \array_map(fn (Part $part): Part => $this->cut($part, $room, $cutting), $target->added);
        $more = \count($target->shape()->pieces()) - $before - $islands;
        if ($more > 0) {
            $this->remark(RemarkKind::CutThrough, $card, $target, $more, $room);
        }
    }

    /** Lines that are set into others are read from top to bottom: says where that is not the order in which they are typed. */
    private function order(): void
    {
        foreach ($this->cards as $card) {
            $target = $this->cards[$card->treatments->setInto->card] ?? null;
            $first = $this->design->line($card->id);
            $second = null === $target ? null : $this->design->line($target->id);
            if (null === $first || null === $second || null === $target || !$card->isSeen() || !$target->isSeen()) {
                continue;
            }
            $typed = \array_search($first, $this->design->lines, true) <=> \array_search($second, $this->design->lines, true);
            $middle = static fn (Card $one): int => ($one->base[0]->ink->bottom ?? 0) + ($one->base[0]->ink->top ?? 0);
            if ($typed !== ($middle($target) <=> $middle($card))) {
                $this->remark(RemarkKind::ReadsOtherwise, ...($typed < 0 ? [$card, $target] : [$target, $card]));
            }
        }
    }

    /** Cards that lie on one another without being set into or cut from each other. */
    private function overlaps(): void
    {
        $cards = \array_values(\array_filter($this->cards, static fn (Card $card): bool => $card->isSeen() && !$card->isSpent));
        foreach ($cards as $number => $card) {
            foreach (\array_slice($cards, $number + 1) as $other) {
                $areLines = null !== $this->design->line($card->id) && null !== $this->design->line($other->id);
                $isSameFilm = $card->base[0]->film === $other->base[0]->film;
                [$box, $otherBox] = [$card->base[0]->ink, $other->base[0]->ink];
                if ((!$areLines && !$isSameFilm) || null === $box || null === $otherBox || !$box->overlaps($otherBox)) {
                    continue;
                }
                $common = $card->base[0]->region->intersect($other->base[0]->region);
                if ($common->area() > self::OVERLAP) {
                    $upper = $this->depths->of($card->id) > $this->depths->of($other->id) ? $card : $other;
                    $this->remark($isSameFilm ? RemarkKind::Unseen : RemarkKind::OnLettering, $upper, $upper === $card ? $other : $card, at: $common);
                }
            }
        }
    }

    private function cut(Part $part, Region $cut, ?Cutting $cutting = null): Part
    {
        if ($part->region->isEmpty()) {
            return $part;
        }
        $left = $part->region->subtract($cut);
        if ($left->rings() === $part->region->rings()) {
            return $part;
        }
        $cleaner = new Cleaner($this->design->clean, $part->card, $part->film, $part->role);
        $left = $cleaner->afterCut($left, $part->region, $cutting ?? new Cutting($cut, $this->design->clean->spike));
        \array_push($this->removals, ...$cleaner->removals());

        return $part->with($left);
    }

    private function grown(string $card, Region $hull, Rim $rim): Region
    {
        $limits = $this->design->clean;
        $key = 'grown '.\hash('xxh128', \serialize([$limits, $card, $rim])).$hull->digest();
        [$grown, $removals] = $this->memory->recall($key, function () use ($limits, $card, $hull, $rim): array {
            $cleaner = new Cleaner($limits, $card, $rim->film, PartRole::Outline);

            return [$cleaner->afterGrowing($this->growing->rim($hull, $rim), $rim->near), $cleaner->removals()];
        });
        \array_push($this->removals, ...$removals);

        return $grown;
    }

    private function isCutOut(Card $card): bool
    {
        return '' !== $card->treatments->cutFrom->card;
    }

    /** @param int $beneath the place of the lowest card that it goes round */
    private function addWide(Card $card, PartRole $role, string $film, Region $region, int $beneath): void
    {
        $part = Part::added($card->id, $role, $film, $region);
        if (null !== $part) {
            $this->wide[] = ['part' => $part, 'beneath' => $beneath];
        }
    }

    private function remark(RemarkKind $kind, Card $card, Card $other, int $count = 0, ?Region $at = null): void
    {
        $ink = $at?->bounds() ?? $card->base[0]->ink ?? null;
        $this->remarks[] = new Remark(
            kind: $kind,
            card: $card->id,
            other: $other->id,
            x: null === $ink ? 0 : \intdiv($ink->left + $ink->right, 2),
            y: null === $ink ? 0 : \intdiv($ink->bottom + $ink->top, 2),
            count: $count,
        );
    }
}
