<?php

declare(strict_types=1);

namespace Uvret\Compose;

use Uvret\Compose\Fill\Filling;
use Uvret\Compose\Follow\Guide;
use Uvret\Geometry\Curve\Warp;

/** Stretches a line between its edges, then bends it along its path, or does one of both. */
final readonly class FilledThenFollowed implements Warp
{
    public function __construct(
        private ?Filling $filling,
        private ?Guide $guide,
        private float $origin,
    ) {
    }

    public function at(float $x, float $y): array
    {
        if (null !== $this->filling) {
            [$x, $y] = $this->filling->at($x, $y);
        }

        return null === $this->guide ? [$x, $y] : $this->guide->at($x - $this->origin, $y);
    }
}
