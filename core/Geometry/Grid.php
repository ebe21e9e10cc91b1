<?php

declare(strict_types=1);

namespace Uvret\Geometry;

/**
 * The whole-micrometre grid on which every point lies.
 *
 * With |x|, |y| ≤ 2^30 an orientation is a difference of two products of at most 2^62, exact in
 * 64-bit integers; the one sum that could reach 2^63 turns into a float of the right sign.
 */
final class Grid
{
    /** The greatest absolute coordinate, in µm. */
    public const LIMIT = 1 << 30;

    /**
     * Packs a point into one integer: x · STRIDE + y. Keys sort as points do by x, then y, and the
     * odd low half of the stride spreads points of equal y over a hash table.
     */
    public const STRIDE = (1 << 32) + 40503;

    /** @throws GeometryException when the coordinate is not on the grid */
    public static function round(float $value): int
    {
        if (!(\abs($value) <= self::LIMIT)) {
            throw GeometryException::outOfRange($value);
        }

        return (int) \floor($value + 0.5);
    }
}
