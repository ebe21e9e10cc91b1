<?php

declare(strict_types=1);

namespace Uvret\Cut\Knife;

/** Properties of a cutter. */
final readonly class Cutter
{
    /**
     * @param int   $width        of its bed, in µm
     * @param bool  $compensates  whether it compensates for the blade offset itself
     * @param float $travelSpeed  of the raised knife, in mm/s
     * @param float $acceleration in mm/s²
     * @param float $deviation    junction deviation, which limits the speed at corners, in mm
     * @param float $lift         time to raise or lower the knife, in seconds
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
