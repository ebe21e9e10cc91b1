<?php

declare(strict_types=1);

namespace Uvret\Compose\Treat;

/** What treatments bring with them that a decorator should know. Lengths are in µm. */
final readonly class Remark
{
    /**
     * @param string $card   whose treatment it is
     * @param string $other  the card that it is about
     * @param float  $larger how many times as large the card would have to be for it to be well
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
