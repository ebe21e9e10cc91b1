<?php

declare(strict_types=1);

namespace Uvret\Type\OpenType;

use Uvret\Type\FontException;

/** The cmap table: from Unicode characters to glyphs; subtable formats 4 and 12. */
final readonly class CharacterMap
{
    private const MOST = 262144;

    /** The Unicode encodings (platform, encoding), best first. */
    private const ENCODINGS = [[3, 10], [0, 6], [0, 4], [3, 1], [0, 3], [0, 2], [0, 1], [0, 0], [3, 0]];

    /** @param array<int, int> $glyphs glyph by code point */
    private function __construct(private array $glyphs)
    {
    }

    public static function read(Table $cmap, int $glyphCount): self
    {
        $offsets = [];
        $count = $cmap->u16(2);
        for ($i = 0; $i < $count; ++$i) {
            $offsets[$cmap->u16(4 + 8 * $i).' '.$cmap->u16(6 + 8 * $i)] = $cmap->u32(8 + 8 * $i);
        }
        foreach (self::ENCODINGS as [$platform, $encoding]) {
            $offset = $offsets["$platform $encoding"] ?? null;
            if (null === $offset) {
                continue;
            }
            $glyphs = match ($cmap->u16($offset)) {
                4 => self::format4($cmap, $offset),
                12 => self::format12($cmap, $offset, $glyphCount),
                default => null,
            };
            if (null !== $glyphs) {
                return new self(\array_filter($glyphs, static fn (int $glyph): bool => $glyph > 0 && $glyph < $glyphCount));
            }
        }
        throw FontException::badTable('cmap', 'no map for Unicode characters is found');
    }

    /** The glyph for a character; 0 if the font has none. */
    public function glyph(int $codePoint): int
    {
        return $this->glyphs[$codePoint] ?? 0;
    }

    /** @return array<int, int> a code point for each glyph that has one */
    public function byGlyph(): array
    {
        return \array_flip($this->glyphs);
    }

    /** @return list<int> the code points that have a glyph */
    public function codePoints(): array
    {
        return \array_keys($this->glyphs);
    }

    /** @return array<int, int> */
    private static function format4(Table $cmap, int $offset): array
    {
        $segments = \intdiv($cmap->u16($offset + 6), 2);
        $ends = $cmap->u16s($offset + 14, $segments);
        $starts = $cmap->u16s($offset + 16 + 2 * $segments, $segments);
        $deltas = $cmap->u16s($offset + 16 + 4 * $segments, $segments);
        $rangesAt = $offset + 16 + 6 * $segments;
        $ranges = $cmap->u16s($rangesAt, $segments);
        $glyphs = [];
        $left = self::MOST;
        foreach ($starts as $i => $start) {
            if ($start > $ends[$i]) {
                throw FontException::badTable('cmap', 'a range ends before it starts');
            }
            $left -= $ends[$i] - $start + 1;
            if ($left < 0) {
                throw FontException::badTable('cmap', 'ranges name a character again and again');
            }
            for ($code = $start; $code <= $ends[$i] && $code < 0xFFFF; ++$code) {
                if (0 === $ranges[$i]) {
                    $glyphs[$code] = ($code + $deltas[$i]) & 0xFFFF;
                    continue;
                }
                $at = $rangesAt + 2 * $i + $ranges[$i] + 2 * ($code - $start);
                $glyph = $at + 2 <= $cmap->length ? $cmap->u16($at) : 0;
                $glyphs[$code] = 0 === $glyph ? 0 : ($glyph + $deltas[$i]) & 0xFFFF;
            }
        }

        return $glyphs;
    }

    /** @return array<int, int> */
    private static function format12(Table $cmap, int $offset, int $glyphCount): array
    {
        $groups = $cmap->u32($offset + 12);
        if ($groups * 12 > $cmap->length) {
            throw FontException::cutShort('cmap');
        }
        $glyphs = [];
        $left = self::MOST;
        for ($i = 0; $i < $groups; ++$i) {
            $at = $offset + 16 + 12 * $i;
            $start = $cmap->u32($at);
            $end = $cmap->u32($at + 4);
            $glyph = $cmap->u32($at + 8);
            $left -= $end - $start + 1;
            if ($end < $start || $end - $start > $glyphCount || $end > 0x10FFFF || $left < 0) {
                throw FontException::badTable('cmap', 'a range is longer than the font has glyphs');
            }
            for ($code = $start; $code <= $end; ++$code) {
                $glyphs[$code] = $glyph + $code - $start;
            }
        }

        return $glyphs;
    }
}
