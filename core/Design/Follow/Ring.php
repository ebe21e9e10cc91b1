<?php

declare(strict_types=1);

namespace Uvret\Design\Follow;

use Uvret\Design\Reading\Downward;
use Uvret\Design\Reading\Named;
use Uvret\Design\Reading\Word;

/** A whole circle; its centre is measured from the middle of the placement area's top edge. */
final readonly class Ring
{
    /**
     * @param string $with a line whose ring it shares, or empty
     * @param int    $gap  between the ends, where they are set by it
     */
    public function __construct(
        public int $radius,
        public RingPart $part,
        #[Named('tops'), Word('inwards')]
        public bool $topsInwards,
        public string $with,
        #[Named('across')]
        public int $x,
        #[Named('down'), Downward]
        public int $y,
        public Ends $ends,
        public int $gap,
    ) {
    }
}
