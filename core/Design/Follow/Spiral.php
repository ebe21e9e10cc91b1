<?php

declare(strict_types=1);

namespace Uvret\Design\Follow;

/** A spiral with even pitch, clockwise, the letters' tops outwards. */
final readonly class Spiral
{
    /**
     * @param int   $inner the radius of the middle that is left free
     * @param float $pitch from turn to turn, in percent of the height of the line's ink
     */
    public function __construct(
        public int $inner = 10_000,
        public float $pitch = 115.0,
        public bool $fromInside = false,
        public int $across = 0,
        public int $down = 100_000,
    ) {
    }
}
