<?php

declare(strict_types=1);

namespace Uvret\Compose\Treat;

use Uvret\Compose\Memory;
use Uvret\Compose\Part;
use Uvret\Design\Treatment\Clean;
use Uvret\Geometry\Region;

/** Cuts shapes out of parts and tidies up after it. The same pair is cut once, wherever it is placed. */
final readonly class Trimming
{
    public function __construct(
        private Clean $clean,
        private Notes $notes,
        private Memory $memory,
    ) {
    }

    /** Prepares a cut-out that several parts share. */
    public function cutting(Region $cut): Cutting
    {
        return Cutting::of($cut, $this->clean->spike);
    }

    public function cut(Part $part, Cutting $cutting): Part
    {
        if ($part->region->isEmpty()) {
            return $part;
        }
        $whole = $cutting->anchor->home($part->region);
        $limits = $this->clean->seenFrom($part->card, $cutting->anchor->x, $cutting->anchor->y);
        $key = 'cut '.\hash('xxh128', \serialize([$limits, $part->card, $part->film, $part->role])).$cutting->digest.$whole->digest();
        [$left, $removals] = $this->memory->recall($key, static function () use ($part, $whole, $limits, $cutting): array {
            $left = $whole->subtract($cutting->region);
            if ($left->rings() === $whole->rings()) {
                return [null, []];
            }
            $cleaner = new Cleaner($limits, $part->card, $part->film, $part->role);

            return [$cleaner->afterCut($left, $whole, $cutting), $cleaner->removals()];
        });
        $this->notes->removed($removals, $cutting->anchor);

        return null === $left ? $part : $part->with($cutting->anchor->back($left));
    }
}
