<?php

declare(strict_types=1);

namespace Uvret\Design\Follow;

/** A whole circle; its centre is measured from the middle of the placement area's top edge. */
final readonly class Ring
{
    /**
     * @param string $with a line whose ring it shares, or empty
     * @param int    $gap  between the ends, where they are set by it
     */
    public function __construct(
        public int $radius = 60_000,
        public RingPart $part = RingPart::Upper,
        public bool $topsInwards = false,
        public string $with = '',
        public int $across = 0,
        public int $down = 100_000,
        public Ends $ends = Ends::Own,
        public int $gap = 10_000,
    ) {
    }
}
