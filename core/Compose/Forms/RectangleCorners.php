<?php

declare(strict_types=1);

namespace Uvret\Compose\Forms;

use Uvret\Geometry\Curve\Path;
use Uvret\Geometry\Curve\PathBuilder;

/** Rectangles with treated corners. */
final class RectangleCorners
{
    public static function rounded(float $x, float $y, float $radius): Path
    {
        $builder = (new PathBuilder())->moveTo($x, -$y + $radius);
        foreach ([[1, 1, 0], [-1, 1, 90], [-1, -1, 180], [1, -1, 270]] as [$right, $up, $from]) {
            [$cx, $cy] = [$right * ($x - $radius), $up * ($y - $radius)];
            $builder->lineTo($cx + $radius * \cos(\deg2rad($from)), $cy + $radius * \sin(\deg2rad($from)));
            if ($radius > 0) {
                $builder->arcTo($cx, $cy, $radius, $radius, $from, $from + 90);
            } else {
                $builder->lineTo($cx, $cy);
            }
        }

        return $builder->path();
    }

    /** Quarter circles cut into the corners. */
    public static function cutIn(float $x, float $y, float $radius): Path
    {
        $radius = \min($radius, 0.9 * \min($x, $y));
        $builder = (new PathBuilder())->moveTo($x, -$y + $radius);
        foreach ([[1, 1, 270], [-1, 1, 360], [-1, -1, 90], [1, -1, 180]] as [$right, $up, $from]) {
            [$cx, $cy] = [$right * $x, $up * $y];
            $builder->lineTo($cx + $radius * \cos(\deg2rad($from)), $cy + $radius * \sin(\deg2rad($from)));
            $builder->arcTo($cx, $cy, $radius, $radius, $from, $from - 90);
        }

        return $builder->path();
    }
}
