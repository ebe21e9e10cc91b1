<?php

declare(strict_types=1);

namespace Uvret\Cut\File;

use Uvret\Geometry\Curve\Fitting;
use Uvret\Geometry\Region;

/** Regions as lines and cubics, within 10 µm, for formats with curves. */
final class Curves
{
    /** Curves with control points this near to a line become lines, in µm. */
    private const STRAIGHT = 0.5;

    /**
     * Ring by ring.
     *
     * @return list<list<list<float>>> of each ring its first point, then a line's end or a cubic's two controls and its end, each time as a flat list
     */
    public static function of(Region $region): array
    {
        return \array_map(static function (array $contour): array {
            $steps = [[$contour[0], $contour[1]]];
            for ($i = 2, $count = \count($contour); $i + 5 < $count; $i += 6) {
                $cubic = \array_slice($contour, $i - 2, 8);
                $steps[] = self::isStraight($cubic) ? [$cubic[6], $cubic[7]] : \array_slice($cubic, 2);
            }

            return $steps;
        }, (new Fitting())->path($region)->contours);
    }

    /** @param list<float> $cubic */
    private static function isStraight(array $cubic): bool
    {
        [$x0, $y0, $x1, $y1, $x2, $y2, $x3, $y3] = $cubic;
        $length = \max(1e-9, \hypot($x3 - $x0, $y3 - $y0));
        $off = static fn (float $x, float $y): float => \abs(($x3 - $x0) * ($y - $y0) - ($y3 - $y0) * ($x - $x0)) / $length;

        return $off($x1, $y1) < self::STRAIGHT && $off($x2, $y2) < self::STRAIGHT;
    }
}
