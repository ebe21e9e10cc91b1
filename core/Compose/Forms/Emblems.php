<?php

declare(strict_types=1);

namespace Uvret\Compose\Forms;

use Uvret\Geometry\Affine;
use Uvret\Geometry\Curve\Path;
use Uvret\Geometry\Curve\PathBuilder;

/** Emblem-like forms, from half of their width and height. */
final class Emblems
{
    public static function heart(float $x, float $y): Path
    {
        // Two lobes of a quarter of the width each, and two sides that meet below.
        return self::fitted((new PathBuilder())
            ->moveTo(0, -1)
            ->cubicTo(0.34, -0.62, 1, -0.18, 1, 0.42)
            ->cubicTo(1, 0.78, 0.76, 1, 0.5, 1)
            ->cubicTo(0.26, 1, 0.08, 0.84, 0, 0.6)
            ->cubicTo(-0.08, 0.84, -0.26, 1, -0.5, 1)
            ->cubicTo(-0.76, 1, -1, 0.78, -1, 0.42)
            ->cubicTo(-1, -0.18, -0.34, -0.62, 0, -1)
            ->path(), $x, $y);
    }

    public static function shield(float $x, float $y): Path
    {
        return self::fitted((new PathBuilder())
            ->moveTo(0, -1)
            ->cubicTo(0.62, -0.72, 1, -0.28, 1, 0.3)
            ->lineTo(1, 0.86)
            ->cubicTo(0.66, 0.8, 0.3, 0.86, 0, 1)
            ->cubicTo(-0.3, 0.86, -0.66, 0.8, -1, 0.86)
            ->lineTo(-1, 0.3)
            ->cubicTo(-1, -0.28, -0.62, -0.72, 0, -1)
            ->path(), $x, $y);
    }

    /** @param float $depth of the notch at its end, as a share of half of the width; it tapers to the right */
    public static function pennant(float $x, float $y, float $depth): Path
    {
        return (new PathBuilder())
            ->moveTo(-$x, -$y)
            ->lineTo($x, -$y * 0.42)
            ->lineTo($x - 0.5 * $depth * $x, 0)
            ->lineTo($x, $y * 0.42)
            ->lineTo(-$x, $y)
            ->path();
    }

    /** @param float $bow how much higher its middle lies, as a share of the height */
    public static function ribbon(float $x, float $y, float $bow): Path
    {
        $rise = $bow * $y;
        $broad = 2 * $y - $rise;
        $tail = 0.1 * $x;

        // The bows are parabolas; the control point is twice as high as the middle.
        return (new PathBuilder())
            ->moveTo(-$x, -$y)
            ->quadraticTo(0, -$y + 2 * $rise, $x, -$y)
            ->lineTo($x - $tail, -$y + $broad / 2)
            ->lineTo($x, -$y + $broad)
            ->quadraticTo(0, -$y + $broad + 2 * $rise, -$x, -$y + $broad)
            ->lineTo(-$x + $tail, -$y + $broad / 2)
            ->path();
    }

    /** A gate: a half ellipse on two posts. */
    public static function arch(float $x, float $y, float $band): Path
    {
        $spring = 2 * $y > 1.1 * $x ? $y - $x : -$y * 0.2;
        $inner = $x - $band;

        return (new PathBuilder())
            ->moveTo($x, -$y)
            ->lineTo($x, $spring)
            ->arcTo(0, $spring, $x, $y - $spring, 0, 180)
            ->lineTo(-$x, -$y)
            ->lineTo(-$inner, -$y)
            ->lineTo(-$inner, $spring)
            ->arcTo(0, $spring, $inner, \max($y - $spring - $band, $band / 4), 180, 0)
            ->lineTo($inner, -$y)
            ->path();
    }

    private static function fitted(Path $path, float $x, float $y): Path
    {
        $bounds = $path->bounds() ?? [-1.0, -1.0, 1.0, 1.0];
        [$left, $bottom, $right, $top] = $bounds;

        return $path->transform(Affine::move(-($left + $right) / 2, -($bottom + $top) / 2)->then(
            Affine::scale(2 * $x / ($right - $left), 2 * $y / ($top - $bottom)),
        ));
    }
}
