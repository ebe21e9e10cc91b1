<?php

declare(strict_types=1);

namespace Uvret\Artwork\Svg;

use Sabberworm\CSS\CSSList\Document;
use Sabberworm\CSS\Parser;
use Sabberworm\CSS\Parsing\SourceException;

/** The simple rules of a picture's style elements: for elements, classes and ids; the more special rule counts. */
final readonly class StyleSheet
{
    /** @param list<array{string, array<string, string>}> $rules selector and declarations, the more special ones last */
    private function __construct(private array $rules)
    {
    }

    public static function read(string $css): self
    {
        try {
            $document = '' === \trim($css) ? new Document() : (new Parser($css))->parse();
        } catch (SourceException) {
            return new self([]);
        }
        $rules = [];
        foreach ($document->getAllDeclarationBlocks() as $block) {
            $declarations = [];
            foreach (self::lines($block) as $name => $value) {
                $declarations[$name] = $value;
            }
            foreach ($block->getSelectors() as $selector) {
                $text = \trim($selector->getSelector());
                if (1 === \preg_match('/^[A-Za-z]*([.#][\w-]+)*$|^\*$/', $text)) {
                    $rules[] = [$text, $declarations];
                }
            }
        }
        \usort($rules, static fn (array $a, array $b): int => self::weight($a[0]) <=> self::weight($b[0]));

        return new self($rules);
    }

    /** @return array<string, string> */
    public function of(\DOMElement $element): array
    {
        $found = [];
        foreach ($this->rules as [$selector, $declarations]) {
            if (self::matches($selector, $element)) {
                $found = [...$found, ...$declarations];
            }
        }

        return $found;
    }

    /** @return array<string, string> of a style attribute */
    public static function declarations(string $style): array
    {
        $found = [];
        foreach (\explode(';', $style) as $declaration) {
            $parts = \explode(':', $declaration, 2);
            if (2 === \count($parts)) {
                $found[\strtolower(\trim($parts[0]))] = \trim(\str_replace('!important', '', $parts[1]));
            }
        }

        return $found;
    }

    /** @return array<string, string> */
    private static function lines(\Sabberworm\CSS\RuleSet\DeclarationBlock $block): array
    {
        $lines = [];
        foreach ($block->getRules() as $rule) {
            $value = $rule->getValue();
            $lines[\strtolower($rule->getRule())] = \is_object($value) ? $value->render(\Sabberworm\CSS\OutputFormat::createCompact()) : (string) $value;
        }

        return $lines;
    }

    private static function matches(string $selector, \DOMElement $element): bool
    {
        $classes = \preg_split('/\s+/', $element->getAttribute('class')) ?: [];
        \preg_match_all('/^[A-Za-z*]+|[.#][\w-]+/', $selector, $steps);
        foreach ($steps[0] as $step) {
            $fits = match ($step[0]) {
                '.' => \in_array(\substr($step, 1), $classes, true),
                '#' => $element->getAttribute('id') === \substr($step, 1),
                '*' => true,
                default => $element->localName === $step,
            };
            if (!$fits) {
                return false;
            }
        }

        return [] !== $steps[0];
    }

    private static function weight(string $selector): int
    {
        return 100 * \substr_count($selector, '#') + 10 * \substr_count($selector, '.') + (1 === \preg_match('/^[A-Za-z]/', $selector) ? 1 : 0);
    }
}
