<?php

declare(strict_types=1);

namespace Uvret\Compose;

use Uvret\Geometry\Region;

/** A way to draw one letter, with the word that it is in. */
final readonly class LetterForm
{
    /** @param list<string> $features that the letter has to ask for; empty for the way that it is drawn by itself */
    public function __construct(
        public array $features,
        public Region $word,
    ) {
    }
}
