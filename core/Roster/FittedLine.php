<?php

declare(strict_types=1);

namespace Uvret\Roster;

/** How a line with fields came out for a person. */
final readonly class FittedLine
{
    /**
     * @param int   $width        of its ink, in µm
     * @param int   $letterHeight in µm
     * @param float $squeezed     its width in percent of what it would be at that height; 100 where it is not squeezed
     * @param bool  $smaller      than it is set, because squeezing was not enough
     */
    public function __construct(
        public string $line,
        public string $words,
        public int $width,
        public int $letterHeight,
        public float $squeezed,
        public bool $smaller,
    ) {
    }
}
