<?php

declare(strict_types=1);

namespace Uvret\Compose\Follow;

use Uvret\Geometry\Curve\Warp;

/**
 * A path that lettering follows, as a map: x runs along it and is measured at the height where the eye measures
 * spacing, y is the height above the baseline. 0 is the point that the line is aligned to. Lengths are in µm.
 */
interface Guide extends Warp
{
    /**
     * The point of the path itself at a place along it.
     *
     * @return array{float, float}
     */
    public function point(float $x): array;

    /** Which way the path goes at a place along it, in degrees anticlockwise from straight to the right. */
    public function heading(float $x): float;

    /** How long a line may be on it, measured as x is; infinite where there is no limit. */
    public function room(): float;

    /**
     * How far letters may reach above the baseline (below it for −1) before those beside one another cross, where
     * the path is tightest between two places.
     */
    public function reach(float $from, float $to, int $side): float;

    /**
     * The path itself between two places and somewhat beyond them.
     *
     * @return list<array{float, float}>
     */
    public function trace(float $from, float $to): array;

    /**
     * What it turns about.
     *
     * @return array{float, float, float}|null centre and radius; null if it is no circle
     */
    public function circle(): ?array;
}
