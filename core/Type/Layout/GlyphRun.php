<?php

declare(strict_types=1);

namespace Uvret\Type\Layout;

/** Shaped text: glyphs in the order they stand, placed along a baseline, in font units. */
final readonly class GlyphRun
{
    /** @param list<PlacedGlyph> $glyphs */
    public function __construct(
        public array $glyphs,
        public int $advance,
    ) {
    }
}
