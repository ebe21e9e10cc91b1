<?php

declare(strict_types=1);

namespace Uvret\Design\Treatment;

/** A piece that is taken out of a card. */
final readonly class Erasure
{
    /**
     * @param list<int> $points x0, y0, x1, y1, … in µm from the middle of the card's ink, y up
     */
    public function __construct(
        public string $id,
        public array $points,
        public bool $hidden = false,
    ) {
    }
}
