<?php

declare(strict_types=1);

namespace Uvret\Design\Treatment;

/** A piece that is taken out of a card, and grows and turns with it. */
final readonly class Erasure
{
    /**
     * @param list<int> $points x0, y0, x1, y1, … in µm from the card's middle as it was then, y up
     * @param int       $width  of the card then, in µm, and of a line the height of its letters; 0 where the piece was measured from
     *                          the middle of the ink, and stays as it is
     * @param float     $turn   of the card then, clockwise in degrees
     */
    public function __construct(
        public string $id,
        public array $points,
        public bool $hidden = false,
        public int $width = 0,
        public int $height = 0,
        public float $turn = 0.0,
    ) {
    }

    public function growsWithCard(): bool
    {
        return $this->width > 0 && $this->height > 0;
    }
}
