<?php

declare(strict_types=1);

namespace Uvret\Design\Treatment;

/** Copies: grid, mirrored pair or around a centre. Lengths are in µm. */
final readonly class Copies
{
    /**
     * @param int    $gap    between copies, from ink to ink
     * @param int    $count  how many there are around a centre, with the first
     * @param int    $radius from the middle of the first to the centre below it
     * @param float  $turn   of the ring about its centre, in degrees clockwise
     * @param int    $every  which of them are of the other film: every second, third…
     * @param string $film   the other film; empty for none
     */
    public function __construct(
        public CopyKind $kind,
        public int $across,
        public int $down,
        public int $gap,
        public int $count,
        public int $radius,
        public float $turn,
        public int $every,
        public string $film,
    ) {
    }
}
