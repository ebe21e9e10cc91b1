<?php

declare(strict_types=1);

namespace Uvret\Design;

/** What a film of a finish can hold, in µm. */
final readonly class FilmLimits
{
    private function __construct(
        public int $thinnestStroke,
        public int $smallestHole,
    ) {
    }

    public static function of(Film $film): self
    {
        return $film->finish->isSmooth() ? new self(1000, 1500) : new self(2000, 1500);
    }
}
