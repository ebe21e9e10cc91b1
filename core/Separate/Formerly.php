<?php

declare(strict_types=1);

namespace Uvret\Separate;

use Uvret\Compose\Composition;
use Uvret\Compose\Part;
use Uvret\Design\Design;
use Uvret\Design\Film;
use Uvret\Geometry\Region;

/** Places that showed another film while films still had one order for the whole design. */
final readonly class Formerly
{
    /** Rounding error along edges, in µm² per µm. */
    private const HAIR = 3.0;

    /** Smallest visible place, in µm². */
    private const LEAST = 100_000.0;

    /**
     * @param Film   $film   visible before
     * @param string $card   its card
     * @param Film   $now    visible instead
     * @param Region $places affected area
     */
    private function __construct(
        public Film $film,
        public string $card,
        public Film $now,
        public Region $places,
    ) {
    }

    /** @return list<self> one per film that another one replaced, largest places first */
    public static function of(Design $design, Composition $composition, Separation $separation): array
    {
        if ([] === $design->formerly) {
            return [];
        }
        $parts = [];
        foreach ($composition->worn() as $part) {
            $parts[$part->film][] = $part;
        }
        $above = Region::empty();
        $differences = [];
        $films = \array_column($design->films, null, 'id');
        foreach (\array_reverse(\array_intersect($design->formerly, \array_keys($films))) as $film) {
            $ink = Region::empty()->union(...\array_map(static fn (Part $part): Region => $part->region, $parts[$film] ?? []));
            $seen = $ink->subtract($above);
            $above = $above->union($ink);
            foreach ($separation->layers as $layer) {
                $places = $film === $layer->film->id ? Region::empty() : $seen->intersect($layer->shown);
                if ($places->area() > self::LEAST + self::HAIR * $places->perimeter()) {
                    $differences[] = new self($films[$film], self::owner($parts[$film] ?? [], $places), $layer->film, $places);
                }
            }
        }
        \usort($differences, static fn (self $a, self $b): int => $b->places->area() <=> $a->places->area());

        return $differences;
    }

    /** @param list<Part> $parts */
    private static function owner(array $parts, Region $places): string
    {
        $areas = [];
        foreach ($parts as $part) {
            $areas[$part->card] = ($areas[$part->card] ?? 0.0) + $part->region->intersect($places)->area();
        }
        \arsort($areas);

        return (string) \array_key_first($areas);
    }
}
