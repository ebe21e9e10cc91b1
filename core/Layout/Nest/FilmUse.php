<?php

declare(strict_types=1);

namespace Uvret\Layout\Nest;

use Uvret\Geometry\Region;
use Uvret\Layout\Stock;

/** A layout's use of one roll, sheet or scrap. */
final readonly class FilmUse
{
    /**
     * @param Region      $film   the whole sheet or scrap; for a roll and the last sheet the part cut off
     * @param list<Place> $places on it
     */
    public function __construct(
        public Stock $stock,
        public Region $film,
        public array $places,
    ) {
    }

    /** @return list<Region> */
    public function frames(): array
    {
        return \array_map(static fn (Place $place): Region => $place->region(), $this->places);
    }
}
