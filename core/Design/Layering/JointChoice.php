<?php

declare(strict_types=1);

namespace Uvret\Design\Layering;

/** How two films are to meet, whichever of them lies above. Lengths are in µm. */
final readonly class JointChoice
{
    /** @param int $width the trap, or the gap */
    public function __construct(
        public JointKind $kind,
        public int $width,
    ) {
    }
}
