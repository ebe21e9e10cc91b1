<?php

declare(strict_types=1);

namespace Uvret\Geometry\Curve;

use Uvret\Geometry\Affine;

/**
 * Closed curves, in any unit.
 *
 * A contour is a flat list x0, y0, then six numbers for each cubic Bézier segment: both control
 * points and the end. The last segment ends in the first point. Straight lines are segments whose
 * control points divide them in thirds; quadratics are raised to cubics, which is exact.
 */
final readonly class Path
{
    /** @param list<list<float>> $contours */
    public function __construct(public array $contours)
    {
    }

    public static function empty(): self
    {
        return new self([]);
    }

    /** @param list<list<int>> $rings as Region gives them */
    public static function ofRings(array $rings): self
    {
        $builder = new PathBuilder();
        foreach ($rings as $ring) {
            foreach (\array_chunk($ring, 2) as $number => [$x, $y]) {
                0 === $number ? $builder->moveTo($x, $y) : $builder->lineTo($x, $y);
            }
            $builder->close();
        }

        return $builder->path();
    }

    public function isEmpty(): bool
    {
        return [] === $this->contours;
    }

    public function joined(self ...$others): self
    {
        return new self(\array_merge($this->contours, ...\array_map(static fn (self $path): array => $path->contours, \array_values($others))));
    }

    public function transform(Affine $map): self
    {
        $contours = [];
        foreach ($this->contours as $contour) {
            $image = [];
            $count = \count($contour);
            for ($i = 0; $i < $count; $i += 2) {
                $x = $contour[$i];
                $y = $contour[$i + 1];
                $image[] = $map->a * $x + $map->c * $y + $map->e;
                $image[] = $map->b * $x + $map->d * $y + $map->f;
            }
            $contours[] = $image;
        }

        return new self($contours);
    }

    /**
     * The exact bounds of the curves themselves: left, bottom, right, top; null for an empty path.
     *
     * @return array{float, float, float, float}|null
     */
    public function bounds(): ?array
    {
        $left = $bottom = \INF;
        $right = $top = -\INF;
        foreach ($this->contours as $contour) {
            $count = \count($contour);
            for ($i = 0; $i < $count; $i += 2) {
                $onCurve = 0 === $i % 6;
                $x = $contour[$i];
                $y = $contour[$i + 1];
                if ($onCurve) {
                    $left = \min($left, $x);
                    $right = \max($right, $x);
                    $bottom = \min($bottom, $y);
                    $top = \max($top, $y);
                }
            }
        }
        if (\INF === $left) {
            return null;
        }
        foreach ($this->contours as $contour) {
            $last = \count($contour) - 2;
            for ($i = 0; $i < $last; $i += 6) {
                if (\min($contour[$i + 2], $contour[$i + 4]) < $left || \max($contour[$i + 2], $contour[$i + 4]) > $right) {
                    foreach (self::extremes($contour[$i], $contour[$i + 2], $contour[$i + 4], $contour[$i + 6]) as $t) {
                        $x = self::at($contour[$i], $contour[$i + 2], $contour[$i + 4], $contour[$i + 6], $t);
                        $left = \min($left, $x);
                        $right = \max($right, $x);
                    }
                }
                if (\min($contour[$i + 3], $contour[$i + 5]) < $bottom || \max($contour[$i + 3], $contour[$i + 5]) > $top) {
                    foreach (self::extremes($contour[$i + 1], $contour[$i + 3], $contour[$i + 5], $contour[$i + 7]) as $t) {
                        $y = self::at($contour[$i + 1], $contour[$i + 3], $contour[$i + 5], $contour[$i + 7], $t);
                        $bottom = \min($bottom, $y);
                        $top = \max($top, $y);
                    }
                }
            }
        }

        return [$left, $bottom, $right, $top];
    }

    /** The value of a cubic with the given coefficients at t. */
    public static function at(float $p0, float $p1, float $p2, float $p3, float $t): float
    {
        $s = 1 - $t;

        return $s * $s * $s * $p0 + 3 * $s * $s * $t * $p1 + 3 * $s * $t * $t * $p2 + $t * $t * $t * $p3;
    }

    /**
     * Where, strictly between 0 and 1, one coordinate of a cubic is greatest or least.
     *
     * @return list<float> in rising order
     */
    public static function extremes(float $p0, float $p1, float $p2, float $p3): array
    {
        $a = $p3 - 3 * $p2 + 3 * $p1 - $p0;
        $b = 2 * ($p2 - 2 * $p1 + $p0);
        $c = $p1 - $p0;
        $size = \abs($p0) + \abs($p1) + \abs($p2) + \abs($p3);
        if (\abs($a) <= 1e-12 * $size) {
            $roots = \abs($b) <= 1e-12 * $size ? [] : [-$c / $b];
        } else {
            $discriminant = $b * $b - 4 * $a * $c;
            if ($discriminant <= 0) {
                return [];
            }
            // Without cancellation: q has the larger magnitude.
            $q = -0.5 * ($b + ($b < 0 ? -1 : 1) * \sqrt($discriminant));
            $roots = [$q / $a, 0.0 !== $q ? $c / $q : 0.0];
        }
        $inside = \array_values(\array_filter($roots, static fn (float $t): bool => $t > 1e-9 && $t < 1 - 1e-9));
        \sort($inside);

        return $inside;
    }
}
