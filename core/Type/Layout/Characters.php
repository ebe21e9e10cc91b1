<?php

declare(strict_types=1);

namespace Uvret\Type\Layout;

use Uvret\Type\OpenType\CharacterMap;

/**
 * Text → glyphs before any lookup: canonically composed as far as the font has the composed letters, taken
 * apart where it has only the pieces. Follows HarfBuzz's hb-ot-shape-normalize for Latin.
 */
final readonly class Characters
{
    /** More marks than this on one letter are not put in order. */
    private const MOST_MARKS = 32;

    /** Spaces that a plain space stands in for, with their width as a share of the em; 0 for that of a plain space. */
    public const SPACES = [
        0x00A0 => 0, 0x2000 => 2, 0x2001 => 1, 0x2002 => 2, 0x2003 => 1, 0x2004 => 3, 0x2005 => 4, 0x2006 => 6,
        0x2007 => 'figure', 0x2008 => 'point', 0x2009 => 5, 0x200A => 16, 0x202F => 'narrow', 0x205F => 4.5, 0x3000 => 1,
    ];

    public function __construct(private CharacterMap $map)
    {
    }

    public function glyphs(string $text): GlyphBuffer
    {
        $characters = \array_map(static fn (string $character): int => (int) \mb_ord($character), \mb_str_split(\mb_scrub($text)));
        $clusters = self::clusters($characters);
        $out = [];
        $simple = true;
        for ($i = 0, $count = \count($characters); $i < $count; $i = $end) {
            // A letter with the marks that follow it.
            for ($end = $i + 1; $end < $count && self::isMark($characters[$end]); ++$end) {
            }
            $alone = 1 === $end - $i && !self::isMark($characters[$i]);
            $simple = $simple && $alone;
            for ($k = $i; $k < $end; ++$k) {
                foreach ($this->apart($characters[$k], $alone) as $character) {
                    $out[] = [$character, $clusters[$k]];
                }
            }
        }
        if (!$simple) {
            $out = $this->composed(self::ordered($out));
        }

        return new GlyphBuffer(\array_map($this->glyph(...), $out));
    }

    /** @param array{int, int} $character code point and cluster */
    private function glyph(array $character): Glyph
    {
        [$codePoint, $cluster] = $character;
        $number = $this->map->glyph($codePoint);
        $stands = null;
        if (0 === $number && isset(self::SPACES[$codePoint]) && 0 !== $this->map->glyph(0x20)) {
            $number = $this->map->glyph(0x20);
            $stands = $codePoint;
        } elseif (0 === $number && 0x2011 === $codePoint) {
            $number = $this->map->glyph(0x2010);
        }
        $glyph = new Glyph($number, $cluster, $codePoint, self::isMark($codePoint), self::isIgnorable($codePoint), self::isHidden($codePoint));
        $glyph->space = $stands;

        return $glyph;
    }

    /**
     * A character as it is, or its canonical pieces.
     *
     * @param bool $asItIs whether the character itself goes first where the font has it
     *
     * @return list<int>
     */
    private function apart(int $character, bool $asItIs): array
    {
        if ($asItIs && 0 !== $this->map->glyph($character)) {
            return [$character];
        }

        return $this->pieces($character, $asItIs) ?? [$character];
    }

    /** @return list<int>|null null if there are no pieces that the font has */
    private function pieces(int $character, bool $shortest): ?array
    {
        $raw = \Normalizer::getRawDecomposition((string) \mb_chr($character));
        $parts = \is_string($raw) ? \mb_str_split($raw) : [];
        if ([] === $parts || \count($parts) > 2) {
            return null;
        }
        $first = (int) \mb_ord($parts[0]);
        $second = isset($parts[1]) ? (int) \mb_ord($parts[1]) : null;
        if (null !== $second && 0 === $this->map->glyph($second)) {
            return null;
        }
        $rest = null === $second ? [] : [$second];
        $has = 0 !== $this->map->glyph($first);
        if ($shortest && $has) {
            return [$first, ...$rest];
        }
        $further = $this->pieces($first, $shortest);
        if (null !== $further) {
            return [...$further, ...$rest];
        }

        return $has ? [$first, ...$rest] : null;
    }

    /**
     * Marks in canonical order.
     *
     * @param list<array{int, int}> $characters
     *
     * @return list<array{int, int}>
     */
    private static function ordered(array $characters): array
    {
        $count = \count($characters);
        for ($i = 0; $i < $count; $i = $end) {
            $end = $i + 1;
            if (0 === self::order($characters[$i][0])) {
                continue;
            }
            while ($end < $count && 0 !== self::order($characters[$end][0])) {
                ++$end;
            }
            if ($end - $i > 1 && $end - $i <= self::MOST_MARKS) {
                $marks = \array_slice($characters, $i, $end - $i);
                \usort($marks, static fn (array $a, array $b): int => self::order($a[0]) <=> self::order($b[0]));
                $cluster = \min($marks[0][1], ...\array_column($marks, 1));
                \array_splice($characters, $i, $end - $i, \array_map(static fn (array $mark): array => [$mark[0], $cluster], $marks));
            }
        }

        return $characters;
    }

    /**
     * Letters and marks put together where the font has the composed letter.
     *
     * @param list<array{int, int}> $characters
     *
     * @return list<array{int, int}>
     */
    private function composed(array $characters): array
    {
        $out = [\array_shift($characters)];
        $starter = 0;
        foreach ($characters as [$character, $cluster]) {
            $last = \count($out) - 1;
            if (self::isMark($character) && ($starter === $last || self::order($out[$last][0] ?? 0) < self::order($character))) {
                $whole = \Normalizer::normalize(\mb_chr($out[$starter][0] ?? 0).\mb_chr($character), \Normalizer::FORM_C);
                if (\is_string($whole) && 1 === \mb_strlen($whole) && 0 !== $this->map->glyph((int) \mb_ord($whole))) {
                    $out[$starter] = [(int) \mb_ord($whole), \min($out[$starter][1] ?? 0, $cluster)];
                    continue;
                }
            }
            $out[] = [$character, $cluster];
            if (0 === self::order($character)) {
                $starter = \count($out) - 1;
            }
        }

        /** @var list<array{int, int}> $out */
        return $out;
    }

    /**
     * The cluster of each character: a letter and what is joined to it are one.
     *
     * @param list<int> $characters
     *
     * @return list<int>
     */
    private static function clusters(array $characters): array
    {
        $clusters = [];
        foreach ($characters as $at => $character) {
            $continues = $at > 0 && (self::isMark($character) || 0x200D === $character
                || \in_array($character, [0xFF9E, 0xFF9F], true) || ($character >= 0xE0020 && $character <= 0xE007F)
                || (0x200D === $characters[$at - 1] && self::isPictograph($character)) || ($character >= 0x1F3FB && $character <= 0x1F3FF));
            $clusters[] = $continues ? (int) \end($clusters) : $at;
        }

        return $clusters;
    }

    private static function isPictograph(int $character): bool
    {
        return 1 === \preg_match('/^\p{Extended_Pictographic}$/u', (string) \mb_chr($character));
    }

    private static function isMark(int $character): bool
    {
        return \in_array(
            \IntlChar::charType($character),
            [\IntlChar::CHAR_CATEGORY_NON_SPACING_MARK, \IntlChar::CHAR_CATEGORY_COMBINING_SPACING_MARK, \IntlChar::CHAR_CATEGORY_ENCLOSING_MARK],
            true,
        );
    }

    private static function order(int $character): int
    {
        return \IntlChar::getCombiningClass($character);
    }

    /** Characters that are not seen: joiners, soft hyphens, variation selectors. */
    private static function isIgnorable(int $c): bool
    {
        return 0x00AD === $c || 0x034F === $c || 0x061C === $c || ($c >= 0x17B4 && $c <= 0x17B5) || ($c >= 0x180B && $c <= 0x180E)
            || ($c >= 0x200B && $c <= 0x200F) || ($c >= 0x202A && $c <= 0x202E) || ($c >= 0x2060 && $c <= 0x206F)
            || ($c >= 0xFE00 && $c <= 0xFE0F) || 0xFEFF === $c || ($c >= 0xFFF0 && $c <= 0xFFF8)
            || ($c >= 0x1D173 && $c <= 0x1D17A) || ($c >= 0xE0000 && $c <= 0xE0FFF);
    }

    /** Of these, those that lookups may ask for. */
    private static function isHidden(int $c): bool
    {
        return 0x034F === $c || ($c >= 0x180B && $c <= 0x180D) || 0x180F === $c || ($c >= 0xE0020 && $c <= 0xE007F);
    }
}
