<?php

declare(strict_types=1);

namespace Uvret\Artwork\Svg;

/** The properties that hold for an element: its parents' where they are inherited, and its own. */
final readonly class Style
{
    private const INITIAL = [
        'fill' => 'black',
        'fill-rule' => 'nonzero',
        'clip-rule' => 'nonzero',
        'stroke' => 'none',
        'stroke-width' => '1',
        'stroke-linecap' => 'butt',
        'stroke-linejoin' => 'miter',
        'stroke-miterlimit' => '4',
        'color' => 'black',
        'font-size' => '16',
    ];

    private const INHERITED = [
        'fill',
        'fill-rule',
        'fill-opacity',
        'clip-rule',
        'stroke',
        'stroke-width',
        'stroke-linecap',
        'stroke-linejoin',
        'stroke-miterlimit',
        'stroke-dasharray',
        'stroke-dashoffset',
        'stroke-opacity',
        'marker',
        'marker-start',
        'marker-mid',
        'marker-end',
        'visibility',
        'color',
        'font-family',
        'font-size',
        'text-anchor',
    ];

    private const OWN = ['display', 'opacity', 'overflow', 'stop-color', 'clip-path', 'mask', 'filter'];

    /** @param array<string, string> $values */
    private function __construct(private array $values)
    {
    }

    public static function initial(): self
    {
        return new self(self::INITIAL);
    }

    /** For an element within one that this holds for: attributes, then the style sheet, then its own style. */
    public function of(\DOMElement $element, StyleSheet $sheet): self
    {
        $inherited = \array_intersect_key($this->values, \array_flip(self::INHERITED));
        $own = [];
        foreach ([...self::INHERITED, ...self::OWN] as $name) {
            if ($element->hasAttribute($name)) {
                $own[$name] = \trim($element->getAttribute($name));
            }
        }
        $own = [...$own, ...$sheet->of($element), ...StyleSheet::declarations($element->getAttribute('style'))];
        foreach (\array_keys($own, 'inherit', true) as $name) {
            $own[$name] = $this->get($name);
        }
        if (isset($own['font-size'])) {
            // Shares are of the size outside.
            $own['font-size'] = (string) CssLength::read($own['font-size'], $this->em(), $this->em());
        }

        return new self([...$inherited, ...$own]);
    }

    public function get(string $name): string
    {
        return $this->values[$name] ?? '';
    }

    /** From 0 to 1. */
    public function opacity(string $name): float
    {
        $value = $this->get($name);

        return '' === $value ? 1.0 : \max(0.0, \min(1.0, CssLength::read($value, 1.0)));
    }

    /** The size of the type, which lengths may be measured in. */
    public function em(): float
    {
        return CssLength::read($this->get('font-size'), 16.0);
    }

    public function isShown(): bool
    {
        return !\in_array($this->get('visibility'), ['hidden', 'collapse'], true);
    }

    /** @param string $rule fill-rule or clip-rule */
    public function isEvenOdd(string $rule): bool
    {
        return 'evenodd' === $this->get($rule);
    }
}
