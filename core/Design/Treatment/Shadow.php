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
        public ShadowKind $kind = ShadowKind::None,
        public float $angle = 45.0,
        public int $length = 5_000,
        public int $gap = 0,
        public string $film = '',
        public Around $around = Around::Own,
    ) {
    }
}
