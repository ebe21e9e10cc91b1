<?php

declare(strict_types=1);

namespace Uvret\Separate\Together;

use Uvret\Geometry\Box;
use Uvret\Geometry\Measure\EdgeIndex;
use Uvret\Geometry\Region;

/**
 * Layers that hold together: joins the loose pieces that knocking out leaves in a lower film by bands under the upper films, without any
 * visible change.
 */
final class Bands
{
    /** Half the usual width of a band, in µm. */
    private const HALF = 4_000;

    /** Half the minimum width of a band, in µm. */
    private const NARROW = 500;

    /** Grid step in µm, and the number of grid points above which it grows. */
    private const STEP = 1_000;

    private const PLACES = 2_500;

    /**
     * The layer with its bands.
     *
     * @param Region $layer     the lower film
     * @param Region $cover     visible part of the films above
     * @param int    $narrowest the narrowest hole that can be weeded, in µm
     * @param int    $off       distance of bands from the edge of cover and layer, in µm: the slip at which one would show
     */
    public static function join(Region $layer, Region $cover, int $narrowest, int $off): Region
    {
        [$crumbs, $room] = self::crumbs($layer, $cover);
        if ([] === $crumbs) {
            return $layer;
        }
        $inner = $room->offset(-self::NARROW - $off);
        $ways = Ways::between($crumbs, Places::in($inner, (int) \max(self::STEP, \sqrt($inner->area() / self::PLACES))));
        if ([] === $ways) {
            return $layer;
        }
        // Anything between the edges of two layers is at least as wide as the narrowest band.
        $bands = Region::empty()->union(...\array_map(self::along(...), $ways))->intersect($inner)->offset(self::NARROW);
        $joined = self::withoutNew($layer->union($bands), $layer);

        return $joined->union(...self::slits($cover, $joined, $bands, $narrowest));
    }

    /**
     * Pieces that share a cover, and the area available for bands.
     *
     * @return array{list<Region>, Region}
     */
    private static function crumbs(Region $layer, Region $cover): array
    {
        $pieces = $layer->pieces();
        $crumbs = $rooms = [];
        foreach (\count($pieces) < 2 ? [] : $cover->union($layer)->pieces() as $room) {
            $box = $room->bounds();
            $own = \array_values(\array_filter($pieces, static function (Region $piece) use ($room, $box): bool {
                [$x, $y] = $piece->rings()[0];

                return null !== $box && $x >= $box->left && $x <= $box->right && $y >= $box->bottom && $y <= $box->top && $room->contains($x, $y);
            }));
            if (\count($own) > 1) {
                $rooms[] = $room;
                \array_push($crumbs, ...$own);
            }
        }

        return [$crumbs, Region::empty()->union(...$rooms)];
    }

    /**
     * Holes beside bands that are too narrow to weed; holes at the edge of the cover are kept.
     *
     * @return list<Region>
     */
    private static function slits(Region $cover, Region $joined, Region $bands, int $narrowest): array
    {
        $boxes = \array_map(static fn (Region $band): ?Box => $band->bounds()?->grown($narrowest), $bands->pieces());
        $edge = new EdgeIndex($cover);

        return \array_values(\array_filter(
            $cover->subtract($joined)->pieces(),
            static fn (Region $hole): bool => 2 * $hole->area() < $narrowest * $hole->perimeter() && self::isNear($hole, $boxes) && !$edge->touches($hole),
        ));
    }

    /** @param list<Box|null> $boxes */
    private static function isNear(Region $hole, array $boxes): bool
    {
        $own = $hole->bounds();
        foreach ($boxes as $box) {
            if (null !== $own && null !== $box && $own->overlaps($box)) {
                return true;
            }
        }

        return false;
    }

    /** Drops band fragments that touch no piece of the layer. */
    private static function withoutNew(Region $joined, Region $layer): Region
    {
        $old = \array_map(static fn (Region $piece): array => \array_slice($piece->rings()[0], 0, 2), $layer->pieces());
        $new = \array_filter($joined->pieces(), static function (Region $piece) use ($old): bool {
            $box = $piece->bounds();
            foreach ($old as [$x, $y]) {
                if (null !== $box && $x >= $box->left && $x <= $box->right && $y >= $box->bottom && $y <= $box->top && $piece->contains($x, $y)) {
                    return false;
                }
            }

            return true;
        });

        return [] === $new ? $joined : $joined->subtract(...\array_values($new));
    }

    /** @param list<int> $way a flat list of points */
    private static function along(array $way): Region
    {
        $half = self::HALF - self::NARROW;
        $parts = [];
        for ($i = 0, $count = \count($way) - 2; $i < $count; $i += 2) {
            $parts[] = self::capsule($way[$i], $way[$i + 1], $way[$i + 2], $way[$i + 3], $half);
        }

        return Region::fromRings($parts);
    }

    /** @return list<int> the area within a distance of a straight line */
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
