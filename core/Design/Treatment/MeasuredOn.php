<?php

declare(strict_types=1);

namespace Uvret\Design\Treatment;

/** A card as it was when a piece was taken out of it: the piece grows and turns with the card. Lengths are in µm. */
final readonly class MeasuredOn
{
    /**
     * @param int   $width 0 if the piece was measured from the middle of the ink, and stays as it is; of a line the height of its letters
     * @param float $turn  clockwise in degrees
     */
    public function __construct(
        public int $width,
        public int $height,
        public float $turn,
    ) {
    }
}
