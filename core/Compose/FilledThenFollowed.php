<?php

declare(strict_types=1);

namespace Uvret\Compose;

use Uvret\Compose\Fill\Filling;
use Uvret\Compose\Follow\Guide;
use Uvret\Geometry\Curve\Warp;

/** A line that is stretched between its edges, then bent along its path, or only one of the two. */
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
