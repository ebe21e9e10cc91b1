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
     */
    public function __construct(
        public string $id,
        public bool $hidden,
        public bool $locked,
        public Treatments $treatments,
    ) {
    }
}
