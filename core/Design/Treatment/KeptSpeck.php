<?php

declare(strict_types=1);

namespace Uvret\Design\Treatment;

use Uvret\Design\Reading\Downward;

/** A shape that is kept although it is small, by where it lies, in µm. */
final readonly class KeptSpeck
{
    public function __construct(
        public string $card,
        public int $x,
        #[Downward]
        public int $y,
    ) {
    }
}
