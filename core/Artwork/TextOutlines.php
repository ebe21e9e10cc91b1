<?php

declare(strict_types=1);

namespace Uvret\Artwork;

use Uvret\Geometry\Curve\Path;

/** Where a picture's text finds its letters. */
interface TextOutlines
{
    /**
     * The outlines of a text from its start on the baseline, y up; null where the font is not here.
     *
     * @param string $family as the picture names it
     * @param float  $size   of the em, in the picture's units
     */
    public function outlines(string $text, string $family, float $size): ?Path;
}
