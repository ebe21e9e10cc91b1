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
 * The origin is the middle of the placement area's top edge; y points up, so the area lies below it.
 */
final readonly class Composition
{
    /**
     * @param list<Part>            $parts    in the order of the build sheet, each card's own followed by what its treatments add
     * @param list<Removal>         $removals the rubbish that was tidied away
     * @param list<Remark>          $remarks  what treatments bring with them
     * @param array<string, Region> $rooms    what was cut out of cards for what is set into or cut from them
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
     * The parts that are worn, from the bottom up: what lies on what.
     *
     * @return list<Part>
     */
    public function worn(): array
    {
        $worn = \array_values(\array_filter($this->parts, static fn (Part $part): bool => !$part->guide && !$part->region->isEmpty()));
        \usort($worn, static fn (Part $a, Part $b): int => $a->depth <=> $b->depth);

        return $worn;
    }

    /** The ink of everything that is worn, copies too; null when there is none. */
    public function ink(): ?Box
    {
        $ink = null;
        foreach ($this->parts as $part) {
            $reach = $part->hidden || $part->guide ? null : $part->reach();
            $ink = null === $reach ? $ink : ($ink?->joined($reach) ?? $reach);
        }

        return $ink;
    }
}
