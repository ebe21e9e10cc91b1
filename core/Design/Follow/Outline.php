<?php

declare(strict_types=1);

namespace Uvret\Design\Follow;

use Uvret\Design\Reading\Named;
use Uvret\Design\Reading\Word;

/** Along the outline of a form or motif. */
final readonly class Outline
{
    /** @param float $start where the line's aligned point lies: clockwise from the top, in percent of the outline's length */
    public function __construct(
        public string $shape,
        #[Named('side'), Word('inside')]
        public bool $inside,
        public float $start,
    ) {
    }
}
