<?php

declare(strict_types=1);

namespace Uvret\Type\OpenType;

use Uvret\Type\FontException;

/** Which glyphs a layout subtable is for, each with its index there (OpenType “Common table formats”). */
final readonly class Coverage
{
    private const MOST = 131072;

    /** @param array<int, int> $indices index by glyph */
    private function __construct(private array $indices)
    {
    }

    public static function read(Table $table, int $at): self
    {
        $count = $table->u16($at + 2);
        switch ($table->u16($at)) {
            case 1:
                return new self(\array_flip(\array_reverse($table->u16s($at + 4, $count), true)));
            case 2:
                $indices = [];
                $numbers = $table->u16s($at + 4, 3 * $count);
                $left = self::MOST;
                for ($i = 0; $i < 3 * $count; $i += 3) {
                    [$first, $last, $index] = [$numbers[$i], $numbers[$i + 1], $numbers[$i + 2]];
                    $left -= \max(0, $last - $first + 1);
                    if ($left < 0) {
                        throw FontException::badTable($table->tag, 'a coverage names more glyphs than any font has');
                    }
                    for ($glyph = $first; $glyph <= $last; ++$glyph) {
                        $indices[$glyph] ??= $index + $glyph - $first;
                    }
                }

                return new self($indices);
            default:
                throw FontException::badTable($table->tag, 'a coverage has an unknown format');
        }
    }

    /** The glyph's index; null if the subtable is not for it. */
    public function index(int $glyph): ?int
    {
        return $this->indices[$glyph] ?? null;
    }

    /** @return list<int> */
    public function glyphs(): array
    {
        return \array_keys($this->indices);
    }
}
