<?php

declare(strict_types=1);

namespace Uvret\Blanks\Measuring;

/** What is measured on a kind of blank, as its drawing shows it. */
final readonly class Measure
{
    /**
     * @param string $path  along which is measured: SVG path data in the drawing's millimetres
     * @param int    $usual as the drawing has it, in µm
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
