<?php

declare(strict_types=1);

namespace Uvret\Separate;

use Uvret\Compose\Composition;
use Uvret\Compose\Part;
use Uvret\Design\Film;
use Uvret\Geometry\Region;

/**
 * What is seen of each film on the wear side, as if the parts were painted from the bottom up: no two of these regions overlap, and
 * together they are all of the ink.
 */
final readonly class Shown
{
    /**
     * @param list<Film>            $films   those with ink, in the order in which they are to be pressed, the first one first
     * @param array<string, Region> $ink     all of each film, covered or not
     * @param array<string, Region> $shown   what is seen of each film
     * @param array<string, true>   $artwork films with artwork, whose colours may meet a hair apart
     * @param list<Unseen>          $unseen  parts of which nothing is seen
     */
    private function __construct(
        public array $films,
        public array $ink,
        public array $shown,
        public array $artwork,
        public array $unseen,
    ) {
    }

    /**
     * @param list<Film>   $films  bottom film first
     * @param list<string> $motifs the cards with artwork
     */
    public static function of(Composition $composition, array $films, array $motifs = []): self
    {
        $runs = self::runs($composition->worn());
        $ink = $seen = $artwork = $unseen = [];
        foreach ($runs as $at => $run) {
            $above = \array_values(\array_filter(
                \array_slice($runs, $at + 1),
                static fn (Run $upper): bool => $upper->film !== $run->film && $upper->overlaps($run),
            ));
            $left = [] === $above ? $run->region : $run->region->subtract(...\array_map(static fn (Run $upper): Region => $upper->region, $above));
            $ink[$run->film][] = $run->region;
            $seen[$run->film][] = $left;
            \array_push($unseen, ...Unseen::among($run, $left, $above));
            foreach ($run->parts as $part) {
                if (\in_array($part->card, $motifs, true)) {
                    $artwork[$run->film] = true;
                }
            }
        }
        $shown = \array_filter(
            \array_map(static fn (array $regions): Region => self::joined($regions), $seen),
            static fn (Region $region): bool => !$region->isEmpty(),
        );

        return new self(
            films: \array_values(\array_filter($films, static fn (Film $film): bool => isset($shown[$film->id]))),
            ink: \array_map(static fn (array $regions): Region => self::joined($regions), \array_intersect_key($ink, $shown)),
            shown: $shown,
            artwork: $artwork,
            unseen: $unseen,
        );
    }

    /**
     * Parts of the same film that follow each other from the bottom up are looked at as one.
     *
     * @param list<Part> $parts
     *
     * @return list<Run>
     */
    private static function runs(array $parts): array
    {
        $runs = $own = [];
        foreach ($parts as $part) {
            if ([] !== $own && $own[0]->film !== $part->film) {
                $runs[] = Run::of($own);
                $own = [];
            }
            $own[] = $part;
        }

        return [] === $own ? $runs : [...$runs, Run::of($own)];
    }

    /** @param list<Region> $regions */
    private static function joined(array $regions): Region
    {
        return 1 === \count($regions) ? $regions[0] : Region::empty()->union(...$regions);
    }
}
