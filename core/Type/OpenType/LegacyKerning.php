<?php

declare(strict_types=1);

namespace Uvret\Type\OpenType;

/** The kern table, format 0: how much closer or wider a pair stands, in font units. */
final readonly class LegacyKerning
{
    /** @param array<int, int> $pairs by left glyph << 16 | right glyph */
    private function __construct(private array $pairs)
    {
    }

    public static function none(): self
    {
        return new self([]);
    }

    public static function read(Table $kern): self
    {
        $pairs = [];
        if (0 !== $kern->u16(0)) {
            return self::none();
        }
        $tables = $kern->u16(2);
        $at = 4;
        for ($i = 0; $i < $tables; ++$i) {
            $length = $kern->u16($at + 2);
            $coverage = $kern->u16($at + 4);
            // Horizontal kerning values of format 0; not minimums, not across the line.
            if (0x0001 === ($coverage & 0xFF07)) {
                $count = $kern->u16($at + 6);
                $numbers = $kern->u16s($at + 14, 3 * $count);
                for ($k = 0; $k < 3 * $count; $k += 3) {
                    $value = $numbers[$k + 2];
                    $key = $numbers[$k] << 16 | $numbers[$k + 1];
                    $pairs[$key] = ($pairs[$key] ?? 0) + ($value < 0x8000 ? $value : $value - 0x10000);
                }
                $length = \max($length, 14 + 6 * $count);
            }
            $at += \max(6, $length);
        }

        return new self($pairs);
    }

    public function between(int $left, int $right): int
    {
        return $this->pairs[$left << 16 | $right] ?? 0;
    }
}
