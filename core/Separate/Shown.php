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
     * @param list<Film>            $films those with ink, in the order in which they cover one another, the covered first
     * @param array<string, Region> $ink   all of each film, covered or not
     * @param array<string, Region> $shown what is seen of each film
     */
    private function __construct(
        public array $films,
        public array $ink,
        public array $shown,
    ) {
    }

    /** @param list<Film> $films bottom film first */
    public static function of(Composition $composition, array $films): self
    {
        $regions = [];
        foreach ($composition->parts as $part) {
            if (!$part->guide && !$part->region->isEmpty()) {
                $regions[$part->film][] = $part->region;
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
            $above = $above->isEmpty() ? $all : $above->union($all);
            if (!$seen->isEmpty()) {
                [$ink[$film->id], $shown[$film->id]] = [$all, $seen];
                \array_unshift($used, $film);
            }
        }

        return new self($used, $ink, $shown);
    }
}
