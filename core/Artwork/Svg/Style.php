<?php

declare(strict_types=1);

namespace Uvret\Artwork\Svg;

/** The properties that hold for an element: its parents' where they are inherited, and its own. */
final readonly class Style
{
    private const INHERITED = ['fill', 'fill-rule', 'fill-opacity', 'stroke', 'stroke-width', 'stroke-linecap', 'stroke-linejoin', 'stroke-miterlimit', 'stroke-dasharray', 'stroke-dashoffset', 'stroke-opacity', 'visibility', 'color', 'font-family', 'font-size', 'text-anchor'];

    private const OWN = ['display', 'opacity', 'stop-color', 'clip-path', 'mask', 'filter'];

    /** @param array<string, string> $values */
    private function __construct(private array $values)
    {
    }

    public static function initial(): self
    {
        return new self(['fill' => 'black', 'fill-rule' => 'nonzero', 'stroke' => 'none', 'stroke-width' => '1', 'stroke-linecap' => 'butt', 'stroke-linejoin' => 'miter', 'stroke-miterlimit' => '4', 'color' => 'black', 'font-size' => '16']);
    }

    /** For an element within one that this holds for: attributes, then the style sheet, then its own style. */
    public function of(\DOMElement $element, StyleSheet $sheet): self
    {
        $values = \array_intersect_key($this->values, \array_flip(self::INHERITED));
        foreach ([...self::INHERITED, ...self::OWN] as $name) {
            if ($element->hasAttribute($name)) {
                $values[$name] = \trim($element->getAttribute($name));
            }
        }
        foreach ([...$sheet->of($element), ...StyleSheet::declarations($element->getAttribute('style'))] as $name => $value) {
            if ('inherit' !== $value) {
                $values[$name] = $value;
            }
        }

        return new self(\array_filter($values, static fn (string $value): bool => 'inherit' !== $value) + $this->values);
    }

    public function get(string $name): string
    {
        return $this->values[$name] ?? '';
    }

    public function isShown(): bool
    {
        return 'none' !== $this->get('display') && !\in_array($this->get('visibility'), ['hidden', 'collapse'], true) && '0' !== $this->get('opacity');
    }

    public function isEvenOdd(): bool
    {
        return 'evenodd' === $this->get('fill-rule');
    }
}
