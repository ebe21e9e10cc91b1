<?php

declare(strict_types=1);

namespace Uvret\Separate\Together;

use Uvret\Geometry\Region;
use Uvret\Separate\Punched;

/**
 * Layers that hold together: what is punched out under an upper film leaves crumbs of the lower one, which have to be weeded round and lie
 * loose. Under the cover of the upper films bands join them. Nothing that is seen changes.
 */
final class Bands
{
    /** Half the breadth of a band where there is room, in µm. */
    private const HALF = 3_000;

    /** Half of what the narrowest band may measure, in µm. */
    private const NARROW = 1_500;

    /** How far bands stay off the edge of what covers them, in µm. */
    private const OFF = 100;

    /** From one place to the next on the way of a band, in µm; more where there would be too many places. */
    private const STEP = 1_000;

    private const PLACES = 5_000;

    /**
     * The layer with its bands.
     *
     * @param Region $layer     the lower film
     * @param Region $cover     what is seen of the films above it
     * @param int    $narrowest the narrowest hole that can be weeded, in µm
     */
    public static function join(Region $layer, Region $cover, int $narrowest): Region
    {
        [$crumbs, $room] = self::crumbs($layer, $cover);
        if ([] === $crumbs) {
            return $layer;
        }
        $inner = $room->offset(-self::NARROW);
        $ways = Ways::between($crumbs, Places::in($inner, (int) \max(self::STEP, \sqrt($inner->area() / self::PLACES))));
        if ([] === $ways) {
            return $layer;
        }
        // Between the edges of two layers anything is as broad as the narrowest band at least.
        $bands = Region::empty()->union(...\array_map(self::along(...), $ways))->intersect($inner)->offset(self::NARROW - self::OFF);
        $bands = Region::empty()->union(...\array_filter($bands->pieces(), static fn (Region $band): bool => $band->distanceTo($layer) <= 0.0));
        $joined = $layer->union($bands);
        $under = $joined->intersect($cover);

        return $joined->union(Punched::runsThrough($joined, $under, $cover, $narrowest));
    }

    /**
     * The pieces that could hang together by what covers them, and where bands may lie.
     *
     * @return array{list<Region>, Region}
     */
    private static function crumbs(Region $layer, Region $cover): array
    {
        $pieces = $layer->pieces();
        $crumbs = $rooms = [];
        foreach (\count($pieces) < 2 ? [] : $cover->union($layer)->pieces() as $room) {
            $own = \array_values(\array_filter($pieces, static fn (Region $piece): bool => $room->contains(...\array_slice($piece->rings()[0], 0, 2))));
            if (\count($own) > 1) {
                $rooms[] = $room;
                \array_push($crumbs, ...$own);
            }
        }

        return [$crumbs, Region::empty()->union(...$rooms)];
    }

    /** @param list<int> $way a flat list of points */
    private static function along(array $way): Region
    {
        $half = self::HALF - self::NARROW + self::OFF;
        $parts = [];
        for ($i = 0, $count = \count($way) - 2; $i < $count; $i += 2) {
            $parts[] = self::capsule($way[$i], $way[$i + 1], $way[$i + 2], $way[$i + 3], $half);
        }

        return Region::fromRings($parts);
    }

    /** @return list<int> all that is no farther from a straight line than a length */
    private static function capsule(int $x0, int $y0, int $x1, int $y1, int $half): array
    {
        $turn = \atan2($y1 - $y0, $x1 - $x0);
        $ring = [];
        for ($step = 0; $step < 16; ++$step) {
            $angle = $turn + \M_PI_2 + ($step > 7 ? $step - 1 : $step) * \M_PI / 7;
            [$x, $y] = $step > 7 ? [$x1, $y1] : [$x0, $y0];
            \array_push($ring, $x + (int) \round($half * \cos($angle)), $y + (int) \round($half * \sin($angle)));
        }

        return $ring;
    }
}
