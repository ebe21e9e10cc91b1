<?php

declare(strict_types=1);

namespace Uvret\Artwork\Svg;

use Uvret\Geometry\Affine;
use Uvret\Geometry\Curve\Flattening;
use Uvret\Geometry\FillRule;
use Uvret\Geometry\Region;

/** Puts the fills and strokes of outlines on a canvas. */
final readonly class Inking
{
    public function __construct(
        private Canvas $canvas,
        private Links $links,
        private StyleSheet $sheet,
        private Notes $notes,
    ) {
    }

    public function shape(ElementOutline $outline, Scope $scope): void
    {
        $style = $scope->style;
        $fill = $this->paint('fill', $style);
        if (null !== $fill) {
            $this->add(
                $fill,
                Region::fromRings(Flattening::rings($outline->filled(), $scope->map), $style->isEvenOdd('fill-rule') ? FillRule::EvenOdd : FillRule::NonZero),
                $scope,
            );
        }
        $stroke = $this->paint('stroke', $style);
        $width = CssLength::read($style->get('stroke-width'), $scope->diagonal(), $style->em());
        if (null !== $stroke && $width > 0) {
            $this->add($stroke, $this->stroke($outline, $scope, $width), $scope);
            foreach (['marker', 'marker-start', 'marker-mid', 'marker-end'] as $marker) {
                if (\str_starts_with($style->get($marker), 'url')) {
                    $this->notes->add('Arrow heads and other markers were left out.');
                }
            }
        }
    }

    /** Letters, which have their fill alone. */
    public function letters(Region $region, Scope $scope): void
    {
        $fill = $this->paint('fill', $scope->style);
        if (null !== $fill) {
            $this->add($fill, $region, $scope);
        }
    }

    private function add(string $colour, Region $region, Scope $scope): void
    {
        $this->canvas->add($colour, $scope->seen($region));
    }

    /** The colour of a fill or stroke; null if nothing is painted. */
    private function paint(string $what, Style $style): ?string
    {
        $opacity = $style->opacity("$what-opacity");
        $colour = 0.0 === $opacity ? null : $this->colour($style->get($what), $style);
        if (null !== $colour && $opacity < 1.0) {
            $this->notes->add(Painter::HALF);
        }

        return $colour;
    }

    private function colour(string $value, Style $style): ?string
    {
        if (\str_starts_with($value, 'url(')) {
            $this->notes->add('A gradient or pattern became its first colour: film has one.');

            return $this->firstColour($this->links->named($value));
        }

        return Colours::hex('currentcolor' === \strtolower($value) ? $style->get('color') : $value);
    }

    /** Of a gradient's stops, which may be another gradient's. */
    private function firstColour(?\DOMElement $gradient): ?string
    {
        for ($steps = 0; null !== $gradient && $steps < 8; ++$steps) {
            foreach ($gradient->getElementsByTagName('stop') as $stop) {
                return Colours::hex(Style::initial()->of($stop, $this->sheet)->get('stop-color') ?: 'black');
            }
            $gradient = $this->links->target(Links::address($gradient));
        }

        return '#000000';
    }

    /** Strokes are drawn in the element's own coordinates, at about the size that they will have, and mapped then. */
    private function stroke(ElementOutline $outline, Scope $scope, float $width): Region
    {
        $scale = \sqrt(\abs($scope->map->determinant()));
        if ($scale < 1e-9) {
            return Region::empty();
        }
        $style = $scope->style;
        $lines = \array_map(
            static fn (array $line): array => [\array_map(static fn (float $number): float => $number * $scale, $line[0]), $line[1]],
            $outline->lines,
        );
        \preg_match_all('/[\d.]+[a-z%]*/', $style->get('stroke-dasharray'), $dashes);
        $length = static fn (string $text): float => CssLength::read($text, $scope->diagonal(), $style->em()) * $scale;
        $stroker = new Stroker(
            width: $width * $scale,
            cap: $style->get('stroke-linecap'),
            join: $style->get('stroke-linejoin'),
            miterLimit: (float) $style->get('stroke-miterlimit') ?: 4.0,
            dashes: \array_map($length, $dashes[0]),
            dashOffset: $length($style->get('stroke-dashoffset')),
        );

        return $stroker->region($lines)->transform(Affine::scale(1 / $scale)->then($scope->map));
    }
}
