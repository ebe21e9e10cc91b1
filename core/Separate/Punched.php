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

    /**
     * What runs through, of the upper region.
     *
     * @param Region $lower     the lower film with its traps
     * @param Region $upper     what is seen of the upper film
     * @param int    $narrowest the narrowest hole that can be weeded, in µm
     */
    public static function runsThrough(Region $lower, Region $upper, int $narrowest): Region
    {
        $hole = $upper->subtract($lower);
        if ($hole->isEmpty() || $narrowest < 20) {
            return Region::empty();
        }
        $strips = \array_values(\array_filter($hole->subtract($hole->open(\intdiv($narrowest, 2)))->pieces(), static fn (Region $piece): bool => self::length($piece) > self::CORNER * $narrowest || self::isWhole($piece, $hole)));
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

    /** Whether a strip is all that there is of its hole. */
    private static function isWhole(Region $strip, Region $hole): bool
    {
        $box = $strip->bounds();
        foreach ($hole->pieces() as $piece) {
            if ($piece->bounds() == $box) {
                return true;
            }
        }

        return false;
    }

    private static function length(Region $piece): float
    {
        $box = $piece->bounds() ?? new Box(0, 0, 0, 0);

        return \hypot($box->width(), $box->height());
    }
}
