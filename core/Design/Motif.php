<?php

declare(strict_types=1);

namespace Uvret\Design;

use Uvret\Design\Treatment\Treatments;

/** Artwork in its place. Lengths are in µm. */
final readonly class Motif
{
    /**
     * @param list<MotifColour> $colours
     * @param int               $across  how far right of the middle of the area's top edge its middle lies
     * @param int               $down    how far below it
     * @param float             $turn    in degrees, clockwise as worn
     */
    public function __construct(
        public string $id,
        public string $name,
        public int $width,
        public int $height,
        public array $colours,
        public int $across = 0,
        public int $down = 100_000,
        public float $turn = 0.0,
        public bool $hidden = false,
        public bool $locked = false,
        public Treatments $treatments = new Treatments(),
    ) {
    }
}
