<?php

declare(strict_types=1);

namespace Uvret\Type\Layout;

/** One glyph of a run, in font units. */
final readonly class PlacedGlyph
{
    /**
     * @param int $cluster which character of the text it belongs to, counted from 0
     * @param int $x       where its origin stands on the line
     * @param int $y       how far above the line
     * @param int $shift   how much of x is its own, beyond where the pen stood
     */
    public function __construct(
        public int $glyph,
        public int $cluster,
        public int $x,
        public int $y,
        public int $advance,
        public int $shift = 0,
    ) {
    }
}
