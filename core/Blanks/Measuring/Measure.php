<?php

declare(strict_types=1);

namespace Uvret\Blanks\Measuring;

/** A measure of a kind of blank, shown on its drawing. */
final readonly class Measure
{
    /**
     * @param string $path  the measured line: SVG path data in the drawing's millimetres
     * @param int    $usual its length in the drawing, in µm
     */
    public function __construct(
        public string $name,
        public string $title,
        public string $hint,
        public string $path,
        public int $usual,
    ) {
    }
}
