<?php

declare(strict_types=1);

namespace Uvret\Artwork\Svg;

use Uvret\Geometry\Affine;

/** The value of a transform attribute, and the fitting of a viewBox (SVG 2, chapter 8). */
final class Transform
{
    public static function read(string $text): Affine
    {
        $map = Affine::identity();
        \preg_match_all('/(matrix|translate|scale|rotate|skewX|skewY)\s*\(([^)]*)\)/', $text, $found, \PREG_SET_ORDER);
        foreach ($found as [, $name, $arguments]) {
            \preg_match_all('/[+-]?(?:\d+\.?\d*|\.\d+)(?:[eE][+-]?\d+)?/', $arguments, $numbers);
            $n = \array_map(\floatval(...), $numbers[0]);
            $one = match ($name) {
                'matrix' => new Affine($n[0] ?? 1, $n[1] ?? 0, $n[2] ?? 0, $n[3] ?? 1, $n[4] ?? 0, $n[5] ?? 0),
                'translate' => Affine::move($n[0] ?? 0, $n[1] ?? 0),
                'scale' => Affine::scale($n[0] ?? 1, $n[1] ?? $n[0] ?? 1),
                // On a page whose y points down this turns clockwise.
                'rotate' => Affine::move(-($n[1] ?? 0), -($n[2] ?? 0))->then(Affine::turn($n[0] ?? 0))->then(Affine::move($n[1] ?? 0, $n[2] ?? 0)),
                'skewX' => new Affine(1, 0, \tan(\deg2rad($n[0] ?? 0)), 1, 0, 0),
                default => new Affine(1, \tan(\deg2rad($n[0] ?? 0)), 0, 1, 0, 0),
            };
            $map = $one->then($map);
        }

        return $map;
    }

    /**
     * From what a viewBox shows to the place that it is shown in.
     *
     * @param array{float, float, float, float} $box
     */
    public static function fit(array $box, string $aspect, float $x, float $y, float $width, float $height): Affine
    {
        [$left, $top, $boxWidth, $boxHeight] = $box;
        [$sx, $sy] = [$width / $boxWidth, $height / $boxHeight];
        if (\str_contains($aspect, 'none')) {
            return Affine::move(-$left, -$top)->then(Affine::scale($sx, $sy))->then(Affine::move($x, $y));
        }
        $scale = \str_contains($aspect, 'slice') ? \max($sx, $sy) : \min($sx, $sy);
        $share = static fn (string $axis): float => match (1 === \preg_match("/$axis(Min|Mid|Max)/", $aspect, $m) ? $m[1] : 'Mid') {
            'Min' => 0.0,
            'Max' => 1.0,
            default => 0.5,
        };

        return Affine::move(-$left, -$top)->then(Affine::scale($scale))->then(Affine::move(
            $x + $share('x') * ($width - $scale * $boxWidth),
            $y + $share('Y') * ($height - $scale * $boxHeight),
        ));
    }

    /** @return array{float, float, float, float}|null left, top, width and height of what a picture shows */
    public static function viewBox(\DOMElement $picture): ?array
    {
        \preg_match_all('/[+-]?(?:\d+\.?\d*|\.\d+)(?:[eE][+-]?\d+)?/', $picture->getAttribute('viewBox'), $found);
        $n = \array_map(\floatval(...), $found[0]);

        return 4 === \count($n) && $n[2] > 0 && $n[3] > 0 ? [$n[0], $n[1], $n[2], $n[3]] : null;
    }
}
