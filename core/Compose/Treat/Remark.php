<?php

declare(strict_types=1);

namespace Uvret\Compose\Treat;

/** A side effect of a treatment that a decorator should know about. Lengths are in µm. */
final readonly class Remark
{
    /**
     * @param string $card   the treated card
     * @param string $other  the affected card
     * @param float  $larger scale factor that would cure it
     */
    public function __construct(
        public RemarkKind $kind,
        public string $card,
        public string $other,
        public int $x,
        public int $y,
        public int $count = 0,
        public float $larger = 1.0,
    ) {
    }
}
