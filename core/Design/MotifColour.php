<?php

declare(strict_types=1);

namespace Uvret\Design;

use Uvret\Design\Reading\NullFor;

/** All that is seen of one colour of a motif. */
final readonly class MotifColour
{
    /**
     * @param string      $colour like #2f5d62
     * @param string|null $film   what it is cut from; null if it is left out
     * @param string      $path   SVG path data of M, L, C and Z with whole numbers, y down
     */
    public function __construct(
        public string $colour,
        #[NullFor('')]
        public ?string $film,
        public string $path,
    ) {
    }
}
