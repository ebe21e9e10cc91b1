<?php

declare(strict_types=1);

namespace Uvret\Design;

use Uvret\Design\Treatment\Treatments;

/** A basic shape in its place. Lengths are in µm; those that its kind does not have mean nothing. */
final readonly class Form
{
    /**
     * @param int   $corner the radius of corners
     * @param int   $band   how broad the band of a ring, an arch or a ribbon is
     * @param int   $count  the corners of a polygon, the points of a star
     * @param float $depth  how deep a star, a notch or a bow goes, in percent
     * @param int   $across how far right of the middle of the area's top edge its middle lies
     * @param int   $down   how far below it
     * @param float $turn   in degrees, clockwise as worn
     * @param bool  $guide  only there to be followed or filled: neither worn nor cut
     */
    public function __construct(
        public string $id,
        public FormKind $kind,
        public string $film,
        public int $width,
        public int $height,
        public int $corner = 0,
        public int $band = 8_000,
        public int $count = 5,
        public float $depth = 50.0,
        public int $across = 0,
        public int $down = 100_000,
        public float $turn = 0.0,
        public bool $guide = false,
        public bool $hidden = false,
        public bool $locked = false,
        public Treatments $treatments = new Treatments(),
    ) {
    }
}
