<?php

declare(strict_types=1);

namespace Uvret\Separate;

use Uvret\Compose\Composition;
use Uvret\Compose\Part;
use Uvret\Design\Film;
use Uvret\Geometry\Region;

/** Composition → cut layers: what is of one film is cut together. */
final readonly class Separator
{
    /**
     * @param list<Film> $films bottom film first
     *
     * @return list<CutLayer> bottom layer first; films without ink have none
     */
    public function separate(Composition $composition, array $films): array
    {
        $layers = [];
        foreach ($films as $film) {
            $parts = \array_filter($composition->parts, static fn (Part $part): bool => $part->film === $film->id && !$part->guide);
            $region = Region::empty()->union(...\array_map(static fn (Part $part): Region => $part->region, \array_values($parts)));
            if (!$region->isEmpty()) {
                $layers[] = new CutLayer($film, $region);
            }
        }

        return $layers;
    }
}
