<?php

declare(strict_types=1);

namespace Uvret\Design;

/** How large a line is, by its ink. */
final readonly class Size
{
    /**
     * @param int   $length  in µm
     * @param float $stretch the width in percent of what the font's proportions give
     */
    public function __construct(
        public SizeBy $by,
        public int $length,
        public float $stretch,
    ) {
    }
}
