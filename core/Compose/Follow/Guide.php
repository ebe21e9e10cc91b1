<?php

declare(strict_types=1);

namespace Uvret\Compose\Follow;

use Uvret\Geometry\Curve\Warp;

/**
 * A path for lettering as a map: x runs along it, measured at the height where the eye judges
 * spacing; y is the height above the baseline. x = 0 is the aligned point. Lengths are in µm.
 */
interface Guide extends Warp
{
    /**
     * The point of the path at x.
     *
     * @return array{float, float}
     */
    public function point(float $x): array;

    /** Direction of the path at x, in degrees anticlockwise from the right. */
    public function heading(float $x): float;

    /** Maximum length of a line along x; INF without a limit. */
    public function room(): float;

    /**
     * Maximum height above the baseline (below it for −1) before neighbouring letters cross, at
     * the tightest bend between two places.
     */
    public function reach(float $from, float $to, int $side): float;

    /**
     * The path between two places, and slightly beyond.
     *
     * @return list<array{float, float}>
     */
    public function trace(float $from, float $to): array;

    /**
     * Its circle.
     *
     * @return array{float, float, float}|null centre and radius; null if it is no circle
     */
    public function circle(): ?array;
}
