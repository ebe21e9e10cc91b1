<?php

declare(strict_types=1);

namespace Uvret\Type\Facts;

use Uvret\Type\Font;

/** Facts about a font for the decorator, measured once when it is added. */
final readonly class FontFacts
{
    /**
     * @param float        $joins      share of lower-case pairs that overlap
     * @param float        $thin       thinnest stroke as a share of the cap height
     * @param float        $stem       usual stroke likewise
     * @param list<string> $alternates features with alternates
     * @param int          $accents    number of accented Latin letters
     * @param bool         $variable   whether its default instance stands for many
     * @param bool         $embeddable whether its maker lets it be taken along in files
     */
    public function __construct(
        public float $joins,
        public float $thin,
        public float $stem,
        public array $alternates,
        public int $accents,
        public bool $variable,
        public bool $embeddable = true,
    ) {
    }

    public static function of(Font $font): self
    {
        $strokes = Strokes::of($font);
        $alternates = \array_values(\array_filter(
            $font->features(),
            static fn (string $tag): bool => 1 === \preg_match(
                '/^(salt|swsh|cswh|titl|hist|calt|dlig|init|medi|fina|isol|smcp|c2sc|onum|lnum|pnum|tnum|zero|frac|ordn|sups|subs|case|ss\d\d|cv\d\d)$/',
                $tag,
            ),
        ));
        \sort($alternates);
        $accents = \count(\array_filter($font->codePoints(), static fn (int $code): bool => $code >= 0xC0 && $code <= 0x24F));

        return new self(\round(Joining::share($font), 3), $strokes['thin'], $strokes['stem'], $alternates, $accents, $font->isVariable, $font->mayBeEmbedded);
    }

    /** Whether it is a joining script. */
    public function isJoining(): bool
    {
        return $this->joins > 0.5;
    }

    /**
     * @param array<mixed> $data from toArray
     */
    public static function fromArray(array $data): self
    {
        $number = static fn (string $field): float => \is_int($data[$field] ?? null) || \is_float($data[$field] ?? null) ? (float) $data[$field] : 0.0;
        $alternates = \is_array($data['alternates'] ?? null) ? \array_values(\array_filter($data['alternates'], \is_string(...))) : [];

        return new self(
            joins: $number('joins'),
            thin: $number('thin'),
            stem: $number('stem'),
            alternates: $alternates,
            accents: (int) $number('accents'),
            variable: true === ($data['variable'] ?? false),
            embeddable: false !== ($data['embeddable'] ?? true),
        );
    }
}
