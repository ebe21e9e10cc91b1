<?php

declare(strict_types=1);

namespace Uvret\Compose\Treat;

use Uvret\Compose\Memory;
use Uvret\Compose\Part;
use Uvret\Compose\PartRole;
use Uvret\Design\Design;
use Uvret\Design\Treatment\Around;
use Uvret\Design\Treatment\Near;
use Uvret\Design\Treatment\Rim;
use Uvret\Design\Treatment\ShadowKind;
use Uvret\Geometry\Anchor;
use Uvret\Geometry\Region;

/**
 * Applies all treatments in order: erased pieces and copies; each card's inline, own outlines and own shadow; outlines and shadows of
 * groups and of everything; finally insets and cut-outs. Tidies up after each step.
 */
final class Treatment
{
    /** @var array<string, Card> */
    private array $cards = [];

    /** @var list<array{part: Part, beneath: int}> outlines and shadows of several cards, and the position of the lowest card */
    private array $wide = [];

    private readonly Growing $growing;

    private readonly Depths $depths;

    private readonly Notes $notes;

    private readonly Trimming $trimming;

    /** @param list<Part> $parts of the cards as they stand */
    public function __construct(
        private readonly Design $design,
        private readonly array $parts,
        private readonly Memory $memory,
    ) {
        $this->growing = new Growing($memory);
        $this->depths = new Depths($design);
        $this->notes = new Notes();
        $this->trimming = new Trimming($design->clean, $this->notes, $memory);
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

    public function done(): TreatmentResult
    {
        $copying = new Copying($this->design->owners(), $this->cards);
        foreach ($this->cards as $card) {
            $this->erase($card);
            $copying->copy($card);
            $this->inline($card);
            $this->ownOutlines($card);
        }
        foreach ([Around::Group, Around::All] as $around) {
            foreach ($this->cards as $card) {
                $this->wideTreatments($card, $around);
            }
        }
        $insets = new Insets($this->cards, $this->depths, $this->growing, $this->trimming, $this->notes);
        foreach ($this->cards as $card) {
            $insets->setInto($card);
            $insets->cutFrom($card);
        }
        (new Overlaps($this->design, $this->cards, $this->depths, $this->notes))->find();
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

        return new TreatmentResult($this->depths->given($parts, $this->wide), $this->notes->removals, $this->notes->remarks, $insets->rooms());
    }

    private function erase(Card $card): void
    {
        if (!$card->isSeen()) {
            return;
        }
        $erased = Pieces::of($card->treatments->erased, $card->base[0]);
        if (!$erased->isEmpty()) {
            $cutting = $this->trimming->cutting($erased);
            $card->replace(\array_map(fn (Part $part): Part => $this->trimming->cut($part, $cutting), $card->base));
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
            $card->base = \array_map(fn (Part $part): Part => $this->trimming->cut($part, $this->trimming->cutting($line)), $card->base);
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
                $grown = $this->grown($card->id, $card->hull(), $rim);
                $card->add(PartRole::Outline, $rim->film, $grown);
                // Rims kept apart may not contain all of the hull.
                $card->grow(Near::Apart === $rim->near ? $grown->union($card->hull()) : $grown);
            }
        }
        $shadow = $card->treatments->shadow;
        if (ShadowKind::None !== $shadow->kind && '' !== $shadow->film && Around::Own === $shadow->around) {
            $cast = $this->growing->shadow($card->hull(), $shadow);
            $card->add(PartRole::Shadow, $shadow->film, $cast);
            $card->grow($card->hull()->union($cast));
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
                && !$other->isCutOut()
            ) {
                $hulls[] = $other->hull();
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

    private function grown(string $card, Region $hull, Rim $rim): Region
    {
        $anchor = Anchor::of($hull);
        $home = $anchor->home($hull);
        $limits = $this->design->clean->seenFrom($card, $anchor->x, $anchor->y);
        $key = 'grown '.\hash('xxh128', \serialize([$limits, $card, $rim])).$home->digest();
        [$grown, $removals] = $this->memory->recall($key, function () use ($limits, $card, $home, $rim): array {
            $cleaner = new Cleaner($limits, $card, $rim->film, PartRole::Outline);

            return [$cleaner->afterGrowing($this->growing->rim($home, $rim), $rim->near), $cleaner->removals()];
        });
        $this->notes->removed($removals, $anchor);

        return $anchor->back($grown);
    }

    /** @param int $beneath position of the lowest surrounded card */
    private function addWide(Card $card, PartRole $role, string $film, Region $region, int $beneath): void
    {
        $part = Part::added($card->id, $role, $film, $region);
        if (null !== $part) {
            $this->wide[] = ['part' => $part, 'beneath' => $beneath];
        }
    }
}
