<?php

declare(strict_types=1);

namespace Uvret\Separate;

use Uvret\Geometry\Box;
use Uvret\Geometry\Region;

/**
 * Knock-outs of a lower film under an upper one. Where the rest of a hole would be too narrow to weed and has film on both sides, the
 * lower film runs through.
 */
final readonly class Punched
{
    /** Distance to probe beside a strip, in µm. */
    private const BESIDE = 5;

    /** Size of a corner that a circle leaves unfilled, in diameters. */
    private const CORNER = 1.5;

    /** Holes broader on average than this multiple of the narrowest are skipped. */
    private const BROAD = 1.2;

    /**
     * The part of the upper region where the lower film runs through.
     *
     * @param Region $lower     visible part of the lower film
     * @param Region $upper     visible part of the upper film
     * @param Region $behind    part of the upper one without the trap
     * @param int    $narrowest the narrowest hole that can be weeded, in µm
     */
    public static function runsThrough(Region $lower, Region $upper, Region $behind, int $narrowest): Region
    {
        if ($narrowest < 20) {
            return Region::empty();
        }
        $strips = [];
        foreach ($behind->pieces() as $hole) {
            \array_push($strips, ...self::narrow($hole, $narrowest));
        }
        if ([] === $strips) {
            return Region::empty();
        }
        $beside = Region::empty()->union(...$strips)->offset(self::BESIDE)->subtract($lower, $upper)->pieces();

        return Region::empty()->union(...\array_values(\array_filter($strips, static function (Region $strip) use ($beside): bool {
            $grown = $strip->bounds()?->grown(self::BESIDE);
            foreach ($beside as $open) {
                if (null !== $grown && true === $open->bounds()?->overlaps($grown) && $open->distanceTo($strip) <= 1.0) {
                    return false;
                }
            }

            return true;
        })));
    }

    /** @return list<Region> the parts of a hole that are too narrow: all of it, arms, or none */
    private static function narrow(Region $hole, int $narrowest): array
    {
        // A broad hole has narrow corners at most, which come away with the rest.
        $breadth = 2 * $hole->area() / \max(1.0, $hole->perimeter());
        if ($breadth > self::BROAD * $narrowest) {
            return [];
        }
        $wide = $hole->open(\intdiv($narrowest, 2));
        if ($wide->isEmpty()) {
            return [$hole];
        }

        return \array_values(\array_filter(
            $hole->subtract($wide)->pieces(),
            static fn (Region $piece): bool => self::length($piece) > self::CORNER * $narrowest,
        ));
    }

    private static function length(Region $piece): float
    {
        $box = $piece->bounds() ?? new Box(0, 0, 0, 0);

        return \hypot($box->width(), $box->height());
    }
}
