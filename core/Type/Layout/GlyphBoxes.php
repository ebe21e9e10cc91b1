<?php

declare(strict_types=1);

namespace Uvret\Type\Layout;

/** Where each glyph's outline lies, as the font states it. */
interface GlyphBoxes
{
    /** @return array{int, int, int, int} left, bottom, right, top in font units; all 0 for a glyph without outline */
    public function box(int $glyph): array;
}
