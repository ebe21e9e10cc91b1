<?php

declare(strict_types=1);

namespace Uvret\Compose;

use Uvret\Compose\Treat\Remark;
use Uvret\Compose\Treat\Removal;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;

/**
 * A design with every part placed and welded, wear side.
 *
 * The origin is the top centre of the placement area; y points up, so the area lies below it.
 */
final readonly class Composition
{
    /**
     * @param list<Part>            $parts    in the order of the build sheet, each card's own followed by what its treatments add
     * @param list<Removal>         $removals tidied rubbish
     * @param list<Remark>          $remarks  side effects of treatments
     * @param array<string, Region> $rooms    cut-outs of cards for insets and cut-out cards
     */
    public function __construct(
        public Box $area,
        public array $parts,
        public array $removals = [],
        public array $remarks = [],
        public array $rooms = [],
    ) {
    }

    /**
     * The worn parts in stacking order, bottom to top.
     *
     * @return list<Part>
     */
    public function worn(): array
    {
        $worn = \array_values(\array_filter($this->parts, static fn (Part $part): bool => !$part->guide && !$part->region->isEmpty()));
        \usort($worn, static fn (Part $a, Part $b): int => $a->depth <=> $b->depth);

        return $worn;
    }

    /** Bounds of all worn ink, copies included, cut-outs not; null if there is none. */
    public function ink(): ?Box
    {
        $ink = null;
        foreach ($this->worn() as $part) {
            $reach = $part->reach();
            $ink = null === $reach ? $ink : ($ink?->joined($reach) ?? $reach);
        }

        return $ink;
    }
}
