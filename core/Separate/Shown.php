<?php

declare(strict_types=1);

namespace Uvret\Separate;

use Uvret\Compose\Composition;
use Uvret\Design\Film;
use Uvret\Geometry\Region;

/** What is seen of each film on the wear side: no two of these regions overlap, and together they are all of the ink. */
final readonly class Shown
{
    /**
     * @param list<Film>            $films   those with ink, in the order in which they cover one another, the covered first
     * @param array<string, Region> $ink     all of each film, covered or not
     * @param array<string, Region> $shown   what is seen of each film
     * @param array<string, true>   $artwork films with artwork, whose colours may meet a hair apart
     */
    private function __construct(
        public array $films,
        public array $ink,
        public array $shown,
        public array $artwork,
    ) {
    }

    /**
     * @param list<Film>   $films  bottom film first
     * @param list<string> $motifs the cards with artwork
     */
    public static function of(Composition $composition, array $films, array $motifs = []): self
    {
        $regions = $artwork = [];
        foreach ($composition->parts as $part) {
            if (!$part->guide && !$part->region->isEmpty()) {
                $regions[$part->film][] = $part->region;
                if (\in_array($part->card, $motifs, true)) {
                    $artwork[$part->film] = true;
                }
            }
        }
        $ink = $shown = $used = [];
        $above = Region::empty();
        foreach (\array_reverse($films) as $film) {
            if (!isset($regions[$film->id])) {
                continue;
            }
            $all = Region::empty()->union(...$regions[$film->id]);
            $seen = $above->isEmpty() ? $all : $all->subtract($above);
            if ($film !== $films[0]) {
                $above = $above->union($all);
            }
            if (!$seen->isEmpty()) {
                [$ink[$film->id], $shown[$film->id]] = [$all, $seen];
                \array_unshift($used, $film);
            }
        }

        return new self($used, $ink, $shown, $artwork);
    }
}
