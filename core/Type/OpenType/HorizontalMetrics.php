<?php

declare(strict_types=1);

namespace Uvret\Type\OpenType;

use Uvret\Type\FontException;

/** The hmtx table: advance width and left side bearing of every glyph, in font units. */
final readonly class HorizontalMetrics
{
    /**
     * @param list<int> $advances
     * @param list<int> $bearings
     */
    private function __construct(
        private array $advances,
        private array $bearings,
    ) {
    }

    public static function read(Table $hhea, Table $hmtx, int $glyphCount): self
    {
        $count = $hhea->u16(34);
        if ($count < 1 || $count > $glyphCount) {
            throw FontException::badTable('hhea', 'the count of advance widths is wrong');
        }
        $numbers = $hmtx->u16s(0, 2 * $count);
        $advances = $bearings = [];
        for ($i = 0; $i < $count; ++$i) {
            $advances[] = $numbers[2 * $i];
            $bearings[] = $numbers[2 * $i + 1];
        }
        $more = \min($glyphCount - $count, \intdiv($hmtx->length - 4 * $count, 2));
        \array_push($bearings, ...$hmtx->u16s(4 * $count, $more));

        return new self($advances, \array_map(static fn (int $value): int => $value < 0x8000 ? $value : $value - 0x10000, $bearings));
    }

    public function advance(int $glyph): int
    {
        return $this->advances[$glyph] ?? $this->advances[\count($this->advances) - 1];
    }

    public function bearing(int $glyph): int
    {
        return $this->bearings[$glyph] ?? 0;
    }
}
