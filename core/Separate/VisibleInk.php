<?php

declare(strict_types=1);

namespace Uvret\Separate;

use Uvret\Compose\Composition;
use Uvret\Compose\Part;
use Uvret\Design\Film;
use Uvret\Geometry\Region;

/**
 * The visible part of each film on the wear side, as if the parts were painted bottom to top. These regions don't overlap and together are
 * all of the ink.
 */
final readonly class VisibleInk
{
    /**
     * @param list<Film>            $films   films with ink, in the requested press order
     * @param array<string, Region> $ink     all ink of each film, covered or not
     * @param array<string, Region> $seen    visible part of each film
     * @param array<string, true>   $artwork films with artwork, whose colours may have hairline gaps
     * @param list<Unseen>          $unseen  fully hidden parts
     */
    private function __construct(
        public array $films,
        public array $ink,
        public array $seen,
        public array $artwork,
        public array $unseen,
    ) {
    }

    /**
     * @param list<Film>   $films  bottom film first
     * @param list<string> $motifs cards with artwork
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
        $seen = \array_filter(
            \array_map(static fn (array $regions): Region => self::joined($regions), $seen),
            static fn (Region $region): bool => !$region->isEmpty(),
        );

        return new self(
            films: \array_values(\array_filter($films, static fn (Film $film): bool => isset($seen[$film->id]))),
            ink: \array_map(static fn (array $regions): Region => self::joined($regions), \array_intersect_key($ink, $seen)),
            seen: $seen,
            artwork: $artwork,
            unseen: $unseen,
        );
    }

    /**
     * Merges consecutive parts of the same film.
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
