<?php

declare(strict_types=1);

namespace Uvret\Type\OpenType;

use Uvret\Geometry\Curve\Path;
use Uvret\Type\FontException;
use Uvret\Type\Layout\GlyphBoxes;

/** The outlines of a font's glyphs, in font units. */
interface Outlines extends GlyphBoxes
{
    /** @throws FontException when the glyph is missing or damaged */
    public function path(int $glyph): Path;
}
