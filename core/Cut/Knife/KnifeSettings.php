<?php

declare(strict_types=1);

namespace Uvret\Cut\Knife;

/** Cut settings of a film. Lengths are in µm. */
final readonly class KnifeSettings
{
    /**
     * @param int   $offset     blade offset; 0 for a tangential knife
     * @param bool  $compensate whether the path compensates for it
     * @param int   $overcut    overcut beyond the start of each ring
     * @param float $corner     least turn at which the holder swivels about the tip, in degrees
     * @param float $within     tolerance for simplifying lines
     * @param float $speed      in mm/s
     * @param int   $force      in grams
     */
    public function __construct(
        public int $offset = 250,
        public bool $compensate = true,
        public int $overcut = 500,
        public float $corner = 18.0,
        public float $within = 12.5,
        public float $speed = 300.0,
        public int $force = 90,
        public int $passes = 1,
    ) {
    }
}
