<?php

declare(strict_types=1);

namespace Uvret\Design\Treatment;

/** A shadow. Lengths are in µm. */
final readonly class Shadow
{
    /**
     * @param float $angle where it falls, in degrees clockwise from the right
     * @param int   $gap   between it and the shape; at 0 it runs on beneath
     */
    public function __construct(
        public ShadowKind $kind,
        public float $angle,
        public int $length,
        public int $gap,
        public string $film,
        public Around $around,
    ) {
    }
}
