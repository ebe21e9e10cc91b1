<?php

declare(strict_types=1);

namespace Uvret\Design\Follow;

use Uvret\Design\Reading\Downward;
use Uvret\Design\Reading\Named;
use Uvret\Design\Reading\Word;

/** A spiral with even pitch, clockwise, the letters' tops outwards. */
final readonly class Spiral
{
    /**
     * @param int   $inner the radius of the middle that is left free
     * @param float $pitch from turn to turn, in percent of the height of the line's ink
     */
    public function __construct(
        public int $inner,
        public float $pitch,
        #[Named('from'), Word('inside')]
        public bool $fromInside,
        #[Named('across')]
        public int $x,
        #[Named('down'), Downward]
        public int $y,
    ) {
    }
}
