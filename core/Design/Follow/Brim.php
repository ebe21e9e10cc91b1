<?php

declare(strict_types=1);

namespace Uvret\Design\Follow;

/** A ring on the brim of the placement. */
final readonly class Brim
{
    /**
     * @param int   $inset from the brim's edge
     * @param float $span  how much of it the line may take, in degrees
     */
    public function __construct(
        public int $inset,
        public float $span,
        public RingPart $part,
    ) {
    }
}
