<?php

declare(strict_types=1);

namespace Uvret\Geometry\Curve;

/** A smooth map of the plane. */
interface Warp
{
    /**
     * Where a point goes, in µm.
     *
     * @return array{float, float}
     */
    public function at(float $x, float $y): array;
}
