<?php

declare(strict_types=1);

namespace Uvret\Compose;

use Uvret\Compose\Fill\Filling;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Curve\Warp;

/** A letter that is stretched between the edges of its line and then turned as it is. */
final readonly class FilledThenPlaced implements Warp
{
    public function __construct(
        private Filling $filling,
        private Affine $place,
    ) {
    }

    public function at(float $x, float $y): array
    {
        [$x, $y] = $this->filling->at($x, $y);

        return [$this->place->a * $x + $this->place->c * $y + $this->place->e, $this->place->b * $x + $this->place->d * $y + $this->place->f];
    }
}
