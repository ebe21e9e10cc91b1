<?php

declare(strict_types=1);

namespace Uvret\Layout\Nest;

use Uvret\Geometry\Region;
use Uvret\Layout\Stock;

/** What a layout takes of one roll, sheet or scrap. */
final readonly class FilmUse
{
    /**
     * @param Region      $film   all of a sheet or scrap; of a roll and of the last sheet what is cut off
     * @param list<Place> $places that lie on it
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
