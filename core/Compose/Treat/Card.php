<?php

declare(strict_types=1);

namespace Uvret\Compose\Treat;

use Uvret\Compose\Part;
use Uvret\Compose\PartRole;
use Uvret\Design\Treatment\Treatments;
use Uvret\Geometry\Region;

/** A card during treatment: its parts and their common hull. */
final class Card
{
    /** @var list<Part> outlines, shadows and inlines, which count towards its shape as an inset */
    public array $added = [];

    /** Computed on demand: most cards never need it. */
    private ?Region $hull = null;

    /** @var bool whether only its shape is left open in another card */
    public bool $isSpent = false;

    /** @param list<Part> $base */
    public function __construct(
        public readonly string $id,
        public readonly Treatments $treatments,
        public array $base,
    ) {
    }

    /** The card's parts with its own outlines and shadows. */
    public function hull(): Region
    {
        return $this->hull ??= $this->shape();
    }

    /** Replaces the hull after an outline or a shadow was added. */
    public function grow(Region $hull): void
    {
        $this->hull = $hull;
    }

    /**
     * Replaces the card's own parts; call it before outlines and shadows.
     *
     * @param list<Part> $base
     */
    public function replace(array $base): void
    {
        $this->base = $base;
        $this->hull = null;
    }

    /** Union of its base parts. */
    public function shape(): Region
    {
        return Region::empty()->union(...\array_map(static fn (Part $part): Region => $part->region, $this->base));
    }

    public function isSeen(): bool
    {
        return [] !== $this->base && !$this->base[0]->hidden && !$this->base[0]->guide && null !== $this->base[0]->ink;
    }

    public function isCutOut(): bool
    {
        return '' !== $this->treatments->cutFrom->card;
    }

    public function add(PartRole $role, string $film, Region $region): void
    {
        $part = Part::added($this->id, $role, $film, $region);
        if (null !== $part) {
            $this->added[] = $part;
        }
    }
}
