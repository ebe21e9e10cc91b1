<?php

declare(strict_types=1);

namespace Uvret\Design;

use Uvret\Design\Treatment\Treatments;

/** What a line, a form and a motif have in common as cards of the build sheet. */
abstract readonly class Card
{
    /**
     * @param bool $hidden keeps its place, but is neither shown nor cut
     * @param bool $locked is not changed by hand until it is unlocked
     * @param int  $depth  cards of a higher number lie on those of a lower one, see Design::depths()
     */
    public function __construct(
        public string $id,
        public bool $hidden,
        public bool $locked,
        public int $depth,
        public Belonging $belongs,
        public Treatments $treatments,
    ) {
    }
}
