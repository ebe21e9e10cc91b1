<?php

declare(strict_types=1);

namespace Uvret\Type\OpenType;

/** The post table, format 2: what the font calls its glyphs. Names of the standard set are left out. */
final readonly class GlyphNames
{
    private const STANDARD = 258;

    /** @param array<int, string> $names */
    private function __construct(private array $names)
    {
    }

    public static function none(): self
    {
        return new self([]);
    }

    public static function read(Table $post): self
    {
        if (0x00020000 !== $post->u32(0)) {
            return self::none();
        }
        $count = $post->u16(32);
        $indices = $post->u16s(34, $count);
        $texts = [];
        for ($at = 34 + 2 * $count; $at < $post->length;) {
            $length = $post->u8($at);
            $texts[] = $post->text($at + 1, \min($length, $post->length - $at - 1));
            $at += 1 + $length;
        }
        $names = [];
        foreach ($indices as $glyph => $index) {
            if ($index >= self::STANDARD && isset($texts[$index - self::STANDARD])) {
                $names[$glyph] = \mb_convert_encoding($texts[$index - self::STANDARD], 'UTF-8', 'ISO-8859-1');
            }
        }

        return new self($names);
    }

    public function of(int $glyph): string
    {
        return $this->names[$glyph] ?? '';
    }
}
