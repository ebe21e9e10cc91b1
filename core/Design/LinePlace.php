<?php

declare(strict_types=1);

namespace Uvret\Design;

/** How a line stands where it is. */
final readonly class LinePlace
{
    /** @param float $turn in degrees, clockwise as worn, about the middle of the ink */
    public function __construct(
        public Align $align,
        public float $turn,
    ) {
    }
}
