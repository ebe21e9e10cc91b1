<?php

declare(strict_types=1);

namespace Uvret\Design;

use Uvret\Design\Reading\ListOf;

/** The words of a line, and how its font sets them. */
final readonly class Lettering
{
    use Derived;

    /**
     * @param int                $spacing   tracking in thousandths of the font's em
     * @param int                $heft      how much the strokes are grown, or below 0 thinned, on either side, in µm
     * @param Rows               $rows      how rows stand to each other, which line feeds part
     * @param string             $language  like nl; empty for none
     * @param list<string>       $features  OpenType features like ss01 or -liga
     * @param bool               $wordForms the first and last letters of words in the forms that the font has for them
     * @param array<int, Letter> $letters   what is set for single letters, by their place in the words
     */
    public function __construct(
        public string $words,
        public string $font,
        public int $spacing,
        public int $heft,
        public Rows $rows,
        public string $language,
        public array $features,
        public bool $wordForms,
        public Joins $joins,
        #[ListOf(Letter::class, by: 'at')]
        public array $letters,
    ) {
    }

    /** @param array<int, Letter> $letters */
    public function withWords(string $words, array $letters): self
    {
        return $this->derive(['words' => $words, 'letters' => $letters]);
    }

    /** As the font sets the words by itself. */
    public function withoutNudges(): self
    {
        return $this->derive(['spacing' => 0, 'letters' => []]);
    }
}
