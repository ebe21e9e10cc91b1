<?php

declare(strict_types=1);

namespace Uvret\Compose\Forms;

use Uvret\Geometry\Curve\Path;
use Uvret\Geometry\Curve\PathBuilder;

/** Regular polygons and stars, stretched to the required bounds. */
final class Points
{
    public static function polygon(int $count, float $width, float $height): Path
    {
        return self::stretched(\array_fill(0, \max(3, $count), 1.0), $width, $height);
    }

    /** @param float $inner the inner corners' radius as a share of the points' */
    public static function star(int $count, float $inner, float $width, float $height): Path
    {
        return self::stretched(\array_merge(...\array_fill(0, \max(3, $count), [1.0, $inner])), $width, $height);
    }

    /** @param non-empty-list<float> $radii of the corners, the first of which is at the top */
    private static function stretched(array $radii, float $width, float $height): Path
    {
        $x = $y = [];
        foreach ($radii as $number => $radius) {
            $angle = 2 * \M_PI * $number / \count($radii);
            $x[] = $radius * \sin($angle);
            $y[] = $radius * \cos($angle);
        }
        [$left, $bottom] = [\min($x), \min($y)];
        [$across, $up] = [$width / (\max($x) - $left), $height / (\max($y) - $bottom)];
        $builder = new PathBuilder();
        foreach ($x as $number => $at) {
            [$toX, $toY] = [($at - $left) * $across - $width / 2, ($y[$number] - $bottom) * $up - $height / 2];
            0 === $number ? $builder->moveTo($toX, $toY) : $builder->lineTo($toX, $toY);
        }

        return $builder->path();
    }
}
