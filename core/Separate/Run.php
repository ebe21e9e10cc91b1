<?php

declare(strict_types=1);

namespace Uvret\Separate;

use Uvret\Compose\Part;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;

/** Consecutive parts of one film, bottom to top. */
final readonly class Run
{
    /** @param non-empty-list<Part> $parts */
    private function __construct(
        public string $film,
        public array $parts,
        public Region $region,
        private ?Box $box,
    ) {
    }

    /** @param non-empty-list<Part> $parts of the same film */
    public static function of(array $parts): self
    {
        $regions = \array_map(static fn (Part $part): Region => $part->region, $parts);
        $region = 1 === \count($regions) ? $regions[0] : Region::empty()->union(...$regions);

        return new self($parts[0]->film, $parts, $region, $region->bounds());
    }

    public function overlaps(self $other): bool
    {
        return null !== $this->box && null !== $other->box && $this->box->overlaps($other->box);
    }
}
