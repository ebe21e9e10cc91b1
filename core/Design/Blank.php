<?php

declare(strict_types=1);

namespace Uvret\Design;

/** A garment, bag or hat as bought, in one size and colour, with the placement chosen on it. */
final readonly class Blank
{
    /** @param int $width across the blank where it is widest, in µm */
    public function __construct(
        public string $id,
        public string $name,
        public string $drawing,
        public string $size,
        public int $width,
        public Fabric $fabric,
        public Placement $placement,
    ) {
    }
}
