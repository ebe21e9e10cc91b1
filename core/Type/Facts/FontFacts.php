<?php

declare(strict_types=1);

namespace Uvret\Type\Facts;

use Uvret\Type\Font;

/** What a decorator wants to know of a font, measured once when it comes into the type case. */
final readonly class FontFacts
{
    /**
     * @param float        $joins      the share of its small letters that overlap as they stand
     * @param float        $thin       its thinnest strokes as a share of the height of the letter H
     * @param float        $stem       its usual strokes likewise
     * @param list<string> $alternates the features by which it draws letters in other ways
     * @param int          $accents    how many of the accented Latin letters it has
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

    /** Whether it is a script whose letters join. */
    public function isJoining(): bool
    {
        return $this->joins > 0.5;
    }

    /**
     * @param array<mixed> $data as toArray gives it
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
