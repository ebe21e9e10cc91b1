<?php

declare(strict_types=1);

namespace Uvret\Artwork;

/** Where a picture's text finds its letters. */
interface TextOutlines
{
    /**
     * The outlines of a text; null if the font is not here.
     *
     * @param string $family as the picture names it
     * @param float  $size   of the em, in the picture's units
     */
    public function outlines(string $text, string $family, float $size): ?OutlinedText;
}
