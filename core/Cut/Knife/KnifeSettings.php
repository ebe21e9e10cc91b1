<?php

declare(strict_types=1);

namespace Uvret\Cut\Knife;

/** How a film is cut. Lengths are in µm. */
final readonly class KnifeSettings
{
    /**
     * @param int   $offset     how far the tip trails the middle of its holder; 0 for a knife that is turned by the machine
     * @param bool  $compensate whether the path makes up for that
     * @param int   $overcut    how far each ring is cut on beyond its start
     * @param float $corner     from which turn on the holder swivels about the tip, in degrees
     * @param float $within     how far a line may be from what it is to be, to have fewer points
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
