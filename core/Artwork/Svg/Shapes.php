<?php

declare(strict_types=1);

namespace Uvret\Artwork\Svg;

/** The basic shapes as outlines (SVG 2, chapter 10). */
final class Shapes
{
    /** @param callable(\DOMElement, string, string): float $measure the length of an attribute, along x, y or the diagonal */
    public static function outline(\DOMElement $element, callable $measure): ?ElementOutline
    {
        $length = static fn (string $name, string $along): float => $measure($element, $name, $along);

        return match ($element->localName) {
            'path' => PathData::read($element->getAttribute('d')),
            'rect' => self::rectangle($element, $length),
            'circle' => self::ellipse($length('cx', 'x'), $length('cy', 'y'), $length('r', 'd'), $length('r', 'd')),
            'ellipse' => self::ellipse($length('cx', 'x'), $length('cy', 'y'), $length('rx', 'x'), $length('ry', 'y')),
            'line' => (new ElementOutline())->moveTo($length('x1', 'x'), $length('y1', 'y'))->lineTo($length('x2', 'x'), $length('y2', 'y')),
            'polyline' => self::points($element, false),
            'polygon' => self::points($element, true),
            default => null,
        };
    }

    public static function frame(float $x, float $y, float $width, float $height): ElementOutline
    {
        return (new ElementOutline())->moveTo($x, $y)->lineTo($x + $width, $y)->lineTo($x + $width, $y + $height)->lineTo($x, $y + $height)->close();
    }

    /** @param callable(string, string): float $length */
    private static function rectangle(\DOMElement $element, callable $length): ?ElementOutline
    {
        [$x, $y, $width, $height] = [$length('x', 'x'), $length('y', 'y'), $length('width', 'x'), $length('height', 'y')];
        if ($width <= 0 || $height <= 0) {
            return null;
        }
        $rx = $element->hasAttribute('rx') ? $length('rx', 'x') : ($element->hasAttribute('ry') ? $length('ry', 'y') : 0.0);
        $ry = $element->hasAttribute('ry') ? $length('ry', 'y') : $rx;
        [$rx, $ry] = [\min($rx, $width / 2), \min($ry, $height / 2)];
        if ($rx <= 0 || $ry <= 0) {
            return self::frame($x, $y, $width, $height);
        }

        return (new ElementOutline())->moveTo($x + $rx, $y)->lineTo($x + $width - $rx, $y)->arcTo($rx, $ry, 0, false, true, $x + $width, $y + $ry)
            ->lineTo($x + $width, $y + $height - $ry)->arcTo($rx, $ry, 0, false, true, $x + $width - $rx, $y + $height)
            ->lineTo($x + $rx, $y + $height)->arcTo($rx, $ry, 0, false, true, $x, $y + $height - $ry)
            ->lineTo($x, $y + $ry)->arcTo($rx, $ry, 0, false, true, $x + $rx, $y)->close();
    }

    private static function ellipse(float $x, float $y, float $rx, float $ry): ?ElementOutline
    {
        return $rx <= 0 || $ry <= 0
            ? null
            : (new ElementOutline())
                ->moveTo($x + $rx, $y)
                ->arcTo($rx, $ry, 0, false, true, $x - $rx, $y)
                ->arcTo($rx, $ry, 0, false, true, $x + $rx, $y)
                ->close();
    }

    private static function points(\DOMElement $element, bool $isClosed): ?ElementOutline
    {
        \preg_match_all('/[+-]?(?:\d+\.?\d*|\.\d+)(?:[eE][+-]?\d+)?/', $element->getAttribute('points'), $found);
        $points = \array_chunk(\array_map(\floatval(...), $found[0]), 2);
        $outline = new ElementOutline();
        foreach ($points as $number => $point) {
            if (\count($point) < 2) {
                break;
            }
            0 === $number ? $outline->moveTo(...$point) : $outline->lineTo(...$point);
        }

        return \count($points) < 2 ? null : ($isClosed ? $outline->close() : $outline);
    }
}
