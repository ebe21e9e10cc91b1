<?php

declare(strict_types=1);

namespace Uvret\Artwork\Svg;

use Uvret\Artwork\OutlinedText;
use Uvret\Artwork\TextOutlines;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Curve\Flattening;
use Uvret\Geometry\Region;

/** The texts of a picture as shapes (SVG 2, chapter 11): lines with anchors, and spans with places of their own. */
final readonly class SvgText
{
    public function __construct(
        private ?TextOutlines $letters,
        private StyleSheet $sheet,
        private Notes $notes,
    ) {
    }

    /** @return list<array{Region, Scope}> the letters on the page, span by span */
    public function runs(\DOMElement $text, Scope $scope): array
    {
        $spans = $this->spans($text, $scope, ['x' => '0', 'y' => '0'], []);
        $runs = $line = [];
        $x = $y = 0.0;
        foreach ($spans as $number => $span) {
            $line[] = $span;
            // A new place begins a new line, which its anchor holds as a whole.
            if (!isset($spans[$number + 1]) || $spans[$number + 1]->isPlaced()) {
                $set = $this->set($line);
                if (null === $set) {
                    $words = \trim(\implode('', \array_map(static fn (Span $one): string => $one->words, $line)));
                    $family = $line[0]->family();
                    $font = '' === $family ? '' : "“{$family}” ";
                    $this->notes->add("The text “{$words}” was left out: its font {$font}is not in the type case. Add it as a line.");
                } else {
                    \array_push($runs, ...$this->placed($line, $set, $x, $y));
                }
                $line = [];
            }
        }

        return $runs;
    }

    /**
     * The texts before an element, and those within it.
     *
     * @param array<string, string> $places that the next text starts at
     * @param list<Span>            $spans
     *
     * @return list<Span>
     */
    private function spans(\DOMElement $element, Scope $scope, array $places, array $spans): array
    {
        foreach (['x', 'y', 'dx', 'dy'] as $name) {
            if ($element->hasAttribute($name)) {
                $places[$name] = $element->getAttribute($name);
            }
        }
        foreach ($element->childNodes as $child) {
            $before = \count($spans);
            if ($child instanceof \DOMText) {
                $words = (string) \preg_replace('/\s+/', ' ', $child->data);
                // Spaces at the start of a line, and after others, are none.
                $words = 0 === $before || [] !== $places || \str_ends_with($spans[$before - 1]->words, ' ') ? \ltrim($words) : $words;
                if ('' !== $words) {
                    $spans[] = new Span($words, $scope, $places);
                }
            } elseif ($child instanceof \DOMElement && \in_array($child->localName, ['tspan', 'a'], true)) {
                $spans = $this->spans($child, $scope->of($child, $this->sheet), $places, $spans);
            } elseif ($child instanceof \DOMElement && 'textPath' === $child->localName) {
                $this->notes->add('Text on a path was left out: add it as a line that follows something.');
            }
            $places = \count($spans) > $before ? [] : $places;
        }

        return $spans;
    }

    /**
     * @param list<Span> $line
     *
     * @return list<OutlinedText>|null null if a font is not here
     */
    private function set(array $line): ?array
    {
        $set = [];
        foreach ($line as $number => $span) {
            $words = isset($line[$number + 1]) ? $span->words : \rtrim($span->words);
            $outlined = $this->letters?->outlines($words, $span->family(), $span->scope->style->em());
            if (null === $outlined) {
                return null;
            }
            $set[] = $outlined;
        }

        return $set;
    }

    /**
     * @param non-empty-list<Span> $line
     * @param list<OutlinedText>   $set
     * @param float                $x    where the pen is, and goes on to
     *
     * @return list<array{Region, Scope}>
     */
    private function placed(array $line, array $set, float &$x, float &$y): array
    {
        $width = \array_sum(\array_map(static fn (OutlinedText $text): float => $text->advance, $set));
        $x = $line[0]->place('x', 0) ?? $x;
        $y = $line[0]->place('y', 1) ?? $y;
        $x -= match ($line[0]->scope->style->get('text-anchor')) {
            'middle' => $width / 2,
            'end' => $width,
            default => 0.0,
        };
        $runs = [];
        foreach ($line as $number => $span) {
            $x += $span->place('dx', 0) ?? 0.0;
            $y += $span->place('dy', 1) ?? 0.0;
            if ($span->scope->style->isShown()) {
                $runs[] = [
                    Region::fromRings(Flattening::rings($set[$number]->path, Affine::scale(1, -1)->then(Affine::move($x, $y))->then($span->scope->map))),
                    $span->scope,
                ];
            }
            $x += $set[$number]->advance;
        }

        return $runs;
    }
}
