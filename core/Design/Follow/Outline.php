<?php

declare(strict_types=1);

namespace Uvret\Design\Follow;

/** Along the outline of a form or motif. */
final readonly class Outline
{
    /** @param float $start where the line's aligned point lies: clockwise from the top, in percent of the outline's length */
    public function __construct(
        public string $shape = '',
        public bool $inside = false,
        public float $start = 0.0,
    ) {
    }
}
