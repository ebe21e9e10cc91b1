<?php

declare(strict_types=1);

namespace Uvret\Artwork\Svg;

use Uvret\Artwork\Artwork;
use Uvret\Artwork\ArtworkException;
use Uvret\Artwork\TextOutlines;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Curve\Flattening;
use Uvret\Geometry\FillRule;
use Uvret\Geometry\Region;

/** Goes through a picture's elements in the order in which they are painted, and puts their shapes on a canvas. */
final class Painter
{
    private const MOST_ELEMENTS = 20_000;
    private const DEEPEST = 40;

    private StyleSheet $sheet;

    /** @var array<string, true> */
    private array $notes = [];

    private int $elements = 0;

    private Canvas $canvas;

    public function __construct(
        private readonly \DOMDocument $document,
        private readonly ?TextOutlines $letters,
    ) {
        $css = '';
        foreach ($document->getElementsByTagName('style') as $style) {
            $css .= $style->textContent."\n";
        }
        $this->sheet = StyleSheet::read($css);
        $this->canvas = new Canvas();
    }

    /** @param int $side how long the longer side of the picture becomes, in µm */
    public function paint(\DOMElement $root, int $side): Artwork
    {
        $box = self::viewBox($root);
        $width = Length::read($root->getAttribute('width'), $box[2] ?? 100.0);
        $height = Length::read($root->getAttribute('height'), $box[3] ?? 100.0);
        $width = $width > 0 ? $width : ($box[2] ?? 300.0);
        $height = $height > 0 ? $height : ($box[3] ?? 150.0);
        $box ??= [0.0, 0.0, $width, $height];
        $scale = $side / \max($width, $height);
        // The page's y points down.
        $map = Transform::fit($box, $root->getAttribute('preserveAspectRatio'), 0, 0, $width, $height)->then(Affine::scale($scale, -$scale));
        $this->children($root, Style::initial()->of($root, $this->sheet), $map, [$box[2], $box[3]], 0);

        return new Artwork($this->canvas->parts(), \array_keys($this->notes));
    }

    /** @param array{float, float} $view the width and height that percentages are of */
    private function children(\DOMElement $parent, Style $style, Affine $map, array $view, int $depth): void
    {
        foreach ($parent->childNodes as $child) {
            if ($child instanceof \DOMElement) {
                $this->element($child, $style, $map, $view, $depth + 1);
            }
        }
    }

    /** @param array{float, float} $view */
    private function element(\DOMElement $element, Style $parent, Affine $map, array $view, int $depth): void
    {
        if (++$this->elements > self::MOST_ELEMENTS) {
            throw ArtworkException::tooLarge(\number_format(self::MOST_ELEMENTS).' elements');
        }
        if ($depth > self::DEEPEST) {
            throw ArtworkException::tooLarge(self::DEEPEST.' levels of groups');
        }
        $style = $parent->of($element, $this->sheet);
        if ('none' === $style->get('display')) {
            return;
        }
        foreach (['mask' => 'A mask was left out.', 'filter' => 'A filter was left out.', 'clip-path' => 'A clipping path was left out: what it hides is here.'] as $property => $note) {
            if (\str_starts_with($style->get($property), 'url') && $element->hasAttribute($property)) {
                $this->notes[$note] = true;
            }
        }
        $map = Transform::read($element->getAttribute('transform'))->then($map);
        switch ($element->localName) {
            case 'g':
            case 'a':
            case 'switch':
                $this->children($element, $style, $map, $view, $depth);
                break;
            case 'svg':
                $this->nested($element, $style, $map, $view, $depth, $element);
                break;
            case 'use':
                $this->used($element, $style, $map, $view, $depth);
                break;
            case 'text':
                $this->text($element, $style, $map);
                break;
            case 'image':
            case 'foreignObject':
                $this->notes['A pixel image or foreign content was left out: only shapes can be cut.'] = true;
                break;
            case 'script':
                $this->notes['A script was left out.'] = true;
                break;
            default:
                $outline = Shapes::outline($element, static fn (string $name, string $along): float => Length::read($element->getAttribute($name), match ($along) {
                    'x' => $view[0],
                    'y' => $view[1],
                    default => \hypot($view[0], $view[1]) / \M_SQRT2,
                }));
                if (null !== $outline && $style->isShown()) {
                    $this->shape($outline, $style, $map);
                }
        }
    }

    /** @param array{float, float} $view */
    private function nested(\DOMElement $picture, Style $style, Affine $map, array $view, int $depth, \DOMElement $sized): void
    {
        $width = Length::read($sized->getAttribute('width') ?: $picture->getAttribute('width') ?: '100%', $view[0]);
        $height = Length::read($sized->getAttribute('height') ?: $picture->getAttribute('height') ?: '100%', $view[1]);
        [$x, $y] = $sized === $picture ? [Length::read($picture->getAttribute('x'), $view[0]), Length::read($picture->getAttribute('y'), $view[1])] : [0.0, 0.0];
        $box = self::viewBox($picture) ?? [0.0, 0.0, $width, $height];
        if ($width > 0 && $height > 0) {
            $this->children($picture, $style, Transform::fit($box, $picture->getAttribute('preserveAspectRatio'), $x, $y, $width, $height)->then($map), [$box[2], $box[3]], $depth);
        }
    }

    /** @param array{float, float} $view */
    private function used(\DOMElement $use, Style $style, Affine $map, array $view, int $depth): void
    {
        $link = $use->getAttribute('href') ?: $use->getAttributeNS('http://www.w3.org/1999/xlink', 'href');
        if (!\str_starts_with($link, '#')) {
            $this->notes['A link to another file was left out.'] = true;

            return;
        }
        $target = $this->byId(\substr($link, 1));
        if (null === $target) {
            return;
        }
        $map = Affine::move(Length::read($use->getAttribute('x'), $view[0]), Length::read($use->getAttribute('y'), $view[1]))->then($map);
        if (\in_array($target->localName, ['symbol', 'svg'], true)) {
            $this->nested($target, $style->of($target, $this->sheet), $map, $view, $depth + 1, $use);
        } else {
            $this->element($target, $style, $map, $view, $depth + 1);
        }
    }

    private function byId(string $id): ?\DOMElement
    {
        $found = (new \DOMXPath($this->document))->query('//*[@id="'.\addcslashes($id, '"\\').'"]');
        $first = false === $found ? null : $found->item(0);

        return $first instanceof \DOMElement ? $first : null;
    }

    private function text(\DOMElement $text, Style $style, Affine $map): void
    {
        $words = \trim((string) \preg_replace('/\s+/', ' ', $text->textContent));
        $family = \trim(\explode(',', $style->get('font-family'))[0], " \"'");
        $size = Length::read($style->get('font-size'), 16.0);
        $path = '' === $words ? null : $this->letters?->outlines($words, $family, $size);
        if (null === $path) {
            if ('' !== $words) {
                $this->notes["The text “{$words}” was left out: its font ".('' === $family ? '' : "“{$family}” ").'is not in the type case. Add it as a line.'] = true;
            }

            return;
        }
        $bounds = $path->bounds();
        $width = null === $bounds ? 0.0 : $bounds[2];
        $shift = match ($style->get('text-anchor')) {
            'middle' => -$width / 2,
            'end' => -$width,
            default => 0.0,
        };
        $place = Affine::scale(1, -1)->then(Affine::move(Length::read($text->getAttribute('x'), 0) + $shift, Length::read($text->getAttribute('y'), 0)));
        $colour = $this->colour($style->get('fill'), $style);
        if (null !== $colour && $style->isShown()) {
            $this->canvas->add($colour, Region::fromRings(Flattening::rings($path, $place->then($map))));
        }
    }

    private function shape(Outline $outline, Style $style, Affine $map): void
    {
        foreach (['opacity', 'fill-opacity', 'stroke-opacity'] as $opacity) {
            $value = (float) $style->get($opacity);
            if ($value > 0.0 && $value < 1.0) {
                $this->notes['Something half transparent became solid: film is.'] = true;
            }
        }
        $fill = '0' === $style->get('fill-opacity') ? null : $this->colour($style->get('fill'), $style);
        if (null !== $fill) {
            $this->canvas->add($fill, Region::fromRings(Flattening::rings($outline->filled(), $map), $style->isEvenOdd() ? FillRule::EvenOdd : FillRule::NonZero));
        }
        $stroke = '0' === $style->get('stroke-opacity') ? null : $this->colour($style->get('stroke'), $style);
        $width = Length::read($style->get('stroke-width'), 1.0);
        if (null !== $stroke && $width > 0) {
            $this->canvas->add($stroke, $this->stroke($outline, $style, $width, $map));
        }
    }

    /** Strokes are drawn in the element's own coordinates, at about the size that they will have, and mapped then. */
    private function stroke(Outline $outline, Style $style, float $width, Affine $map): Region
    {
        $scale = \sqrt(\abs($map->determinant()));
        if ($scale < 1e-9) {
            return Region::empty();
        }
        $lines = \array_map(static fn (array $line): array => [\array_map(static fn (float $number): float => $number * $scale, $line[0]), $line[1]], $outline->lines);
        \preg_match_all('/[\d.]+[a-z%]*/', $style->get('stroke-dasharray'), $dashes);
        $stroker = new Stroker(
            $width * $scale,
            $style->get('stroke-linecap'),
            $style->get('stroke-linejoin'),
            (float) $style->get('stroke-miterlimit') ?: 4.0,
            \array_map(static fn (string $dash): float => Length::read($dash, 1.0) * $scale, $dashes[0]),
            Length::read($style->get('stroke-dashoffset'), 1.0) * $scale,
        );

        return $stroker->region($lines)->transform(Affine::scale(1 / $scale)->then($map));
    }

    private function colour(string $value, Style $style): ?string
    {
        if (\str_starts_with($value, 'url(')) {
            $this->notes['A gradient or pattern became its first colour: film has one.'] = true;
            $target = 1 === \preg_match('/url\(\s*["\']?#([^"\')]+)/', $value, $m) ? $this->byId($m[1]) : null;
            foreach ($target?->getElementsByTagName('stop') ?? [] as $stop) {
                return Colours::hex(Style::initial()->of($stop, $this->sheet)->get('stop-color') ?: 'black');
            }

            return '#000000';
        }

        return Colours::hex('currentcolor' === \strtolower($value) ? $style->get('color') : $value);
    }

    /** @return array{float, float, float, float}|null */
    private static function viewBox(\DOMElement $element): ?array
    {
        \preg_match_all('/[+-]?(?:\d+\.?\d*|\.\d+)(?:[eE][+-]?\d+)?/', $element->getAttribute('viewBox'), $found);
        $n = \array_map(\floatval(...), $found[0]);

        return 4 === \count($n) && $n[2] > 0 && $n[3] > 0 ? [$n[0], $n[1], $n[2], $n[3]] : null;
    }
}
