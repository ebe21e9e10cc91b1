<?php

declare(strict_types=1);

namespace Uvret\Separate;

use Uvret\Geometry\Box;
use Uvret\Geometry\Region;

/**
 * What is punched out of a lower film under an upper one. Where the rest of a hole would be too narrow to weed, and film lies on both
 * sides of it, the lower film runs through.
 */
final readonly class Punched
{
    /** How far a strip is grown to see what lies beside it, in µm. */
    private const BESIDE = 5;

    /** Corners that a circle does not fill are less than so many times its diameter across. */
    private const CORNER = 1.5;

    /** A hole whose breadth is more than so many times the narrowest is not looked at closely. */
    private const BROAD = 1.2;

    /**
     * What runs through, of the upper region.
     *
     * @param Region $lower     what is seen of the lower film
     * @param Region $upper     what is seen of the upper film
     * @param Region $behind    what of the upper one the lower film does not run on beneath
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

    /** @return list<Region> what of a hole is too narrow: all of it, arms, or nothing */
    private static function narrow(Region $hole, int $narrowest): array
    {
        // Broad on the whole, it has corners at most: the waste takes its arms along.
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
