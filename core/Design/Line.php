<?php

declare(strict_types=1);

namespace Uvret\Design;

/** One line of lettering. */
final readonly class Line
{
    /**
     * @param int $spacing tracking in thousandths of the font's em
     * @param int $gap     from the ink of the line above, in µm; for the first line from the edge of the area that the
     *                     lines stand at, and without meaning when they stand in its middle
     * @param int $shift   to the right of where the alignment puts the line, in µm
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
    ) {
    }
}
