<?php

declare(strict_types=1);

namespace Uvret\Design;

use Uvret\Design\Reading\Downward;
use Uvret\Design\Reading\Named;

/** A place of its own: the middle of a form or motif, from the middle of the area's top edge, in µm. */
final readonly class Place
{
    /** @param float $turn in degrees, clockwise as worn */
    public function __construct(
        #[Named('across')]
        public int $x,
        #[Named('down'), Downward]
        public int $y,
        public float $turn,
    ) {
    }
}
