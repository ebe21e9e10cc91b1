<?php

declare(strict_types=1);

namespace Uvret\Separate;

use Uvret\Design\Film;
use Uvret\Geometry\Region;

/** A place with the same stack of films. */
final readonly class FilmStack
{
    /** @param non-empty-list<Film> $films bottom film first */
    public function __construct(
        public array $films,
        public Region $region,
    ) {
    }

    /** Total thickness in µm. */
    public function thickness(): int
    {
        return \array_sum(\array_map(static fn (Film $film): int => $film->thickness, $this->films));
    }
}
