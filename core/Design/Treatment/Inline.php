<?php

declare(strict_types=1);

namespace Uvret\Design\Treatment;

/** A line inside a shape at a distance from its edge. Lengths are in µm. */
final readonly class Inline
{
    /**
     * @param int    $width 0 for none
     * @param string $film  empty if the line is cut out
     */
    public function __construct(
        public int $width,
        public int $distance,
        public string $film,
    ) {
    }
}
