<?php

declare(strict_types=1);

namespace Uvret\Design\Treatment;

use Uvret\Design\Reading\Downward;

/** A piece that is taken out of a card, and grows and turns with it. */
final readonly class Erasure
{
    /** @param list<int> $points x0, y0, x1, y1, … in µm from the card's middle as it was then */
    public function __construct(
        public string $id,
        #[Downward]
        public array $points,
        public bool $hidden,
        public MeasuredOn $of,
    ) {
    }

    public function growsWithCard(): bool
    {
        return $this->of->width > 0 && $this->of->height > 0;
    }
}
