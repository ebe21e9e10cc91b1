<?php

declare(strict_types=1);

namespace Uvret\Design;

use Uvret\Design\Fill\Fills;
use Uvret\Design\Follow\Follows;
use Uvret\Design\Treatment\Treatments;

/** One line of lettering. */
final readonly class Line
{
    /**
     * @param int                $spacing   tracking in thousandths of the font's em
     * @param int                $gap       from the ink of the line above, in µm; for the first line from the edge of the area that the
     *                                      lines stand at, and without meaning when they stand in its middle
     * @param int                $shift     to the right of where the alignment puts the line, in µm
     * @param bool               $toAbove   aligned to the ink of the line above instead of the area
     * @param float              $turn      in degrees, clockwise as worn, about the middle of the ink
     * @param float              $stretch   the width in percent of what the font's proportions give
     * @param bool               $hidden    keeps its place, but is neither shown nor cut
     * @param bool               $locked    is not changed by hand until it is unlocked
     * @param string             $language  like nl; empty for none
     * @param list<string>       $features  OpenType features like ss01 or -liga
     * @param bool               $wordForms the first and last letters of words in the forms that the font has for them
     * @param array<int, Letter> $letters   what is set for single letters, by their place in the words
     * @param bool               $tight     whether the gap is the least distance to the real shapes of the line above
     */
    public function __construct(
        public string $id,
        public string $words,
        public string $font,
        public string $film,
        public Size $size,
        public int $spacing,
        public Align $align,
        public int $gap,
        public int $shift,
        public bool $toAbove,
        public float $turn,
        public float $stretch,
        public bool $hidden,
        public bool $locked,
        public string $language = '',
        public array $features = [],
        public bool $wordForms = false,
        public Joins $joins = Joins::Auto,
        public array $letters = [],
        public bool $tight = false,
        public Follows $follows = new Follows(),
        public Fills $fills = new Fills(),
        public Treatments $treatments = new Treatments(),
    ) {
    }
}
