<?php

declare(strict_types=1);

namespace Uvret\Roster;

use Uvret\Compose\Composition;
use Uvret\Compose\Part;
use Uvret\Design\Film;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;

/** What is seen of a person's lines with fields. */
final readonly class PersonPicture
{
    /** @param list<array{Film, Region}> $parts from the bottom up */
    private function __construct(
        public string $words,
        public array $parts,
        public ?Box $box,
    ) {
    }

    public static function of(PersonDesign $made, Composition $composition): self
    {
        $cards = \array_map(static fn (FittedLine $line): string => $line->line, $made->lines);
        $parts = \array_values(\array_filter(
            $composition->parts,
            static fn (Part $part): bool => !$part->guide && null !== $part->ink && \in_array($part->card, $cards, true) && !$part->region->isEmpty(),
        ));
        \usort($parts, static fn (Part $a, Part $b): int => $a->depth <=> $b->depth);
        $box = null;
        foreach ($parts as $part) {
            $own = $part->region->bounds();
            $box = null === $own ? $box : ($box?->joined($own) ?? $own);
        }

        return new self(
            \implode(' ', \array_map(static fn (FittedLine $line): string => $line->words, $made->lines)),
            \array_map(static fn (Part $part): array => [$made->design->film($part->film), $part->region], $parts),
            $box,
        );
    }
}
