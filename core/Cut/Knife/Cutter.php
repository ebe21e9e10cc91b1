<?php

declare(strict_types=1);

namespace Uvret\Cut\Knife;

/** What a cutter can do. */
final readonly class Cutter
{
    /**
     * @param int   $width        of its bed, in µm
     * @param bool  $compensates  whether it makes up for the blade's offset by itself
     * @param float $travelSpeed  of the raised knife, in mm/s
     * @param float $acceleration in mm/s²
     * @param float $deviation    how far it may be thought to cut a corner short, by which it slows down there, in mm
     * @param float $lift         seconds that the knife takes up or down
     */
    public function __construct(
        public int $width = 600_000,
        public bool $compensates = false,
        public float $travelSpeed = 600.0,
        public float $acceleration = 4_000.0,
        public float $deviation = 0.05,
        public float $lift = 0.05,
    ) {
    }
}
