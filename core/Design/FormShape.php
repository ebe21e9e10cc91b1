<?php

declare(strict_types=1);

namespace Uvret\Design;

/** The kind of a basic shape, and what shapes it. Lengths are in µm; those that its kind does not have mean nothing. */
final readonly class FormShape
{
    /**
     * @param int   $corner the radius of corners
     * @param int   $band   how broad the band of a ring, an arch or a ribbon is
     * @param int   $count  the corners of a polygon, the points of a star
     * @param float $depth  how deep a star, a notch or a bow goes, in percent
     */
    public function __construct(
        public FormKind $kind,
        public int $corner,
        public int $band,
        public int $count,
        public float $depth,
    ) {
    }
}
