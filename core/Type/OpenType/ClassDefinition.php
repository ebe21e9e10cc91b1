<?php

declare(strict_types=1);

namespace Uvret\Type\OpenType;

use Uvret\Type\FontException;

/** Glyphs sorted into classes; those that are not listed have class 0 (OpenType “Common table formats”). */
final readonly class ClassDefinition
{
    private const MOST = 131072;

    /** @param array<int, int> $classes class by glyph */
    private function __construct(private array $classes)
    {
    }

    public static function none(): self
    {
        return new self([]);
    }

    public static function read(Table $table, int $at): self
    {
        $classes = [];
        switch ($table->u16($at)) {
            case 1:
                $first = $table->u16($at + 2);
                foreach ($table->u16s($at + 6, $table->u16($at + 4)) as $i => $class) {
                    $classes[$first + $i] = $class;
                }

                return new self($classes);
            case 2:
                $count = $table->u16($at + 2);
                $numbers = $table->u16s($at + 4, 3 * $count);
                $left = self::MOST;
                for ($i = 0; $i < 3 * $count; $i += 3) {
                    $left -= \max(0, $numbers[$i + 1] - $numbers[$i] + 1);
                    if ($left < 0) {
                        throw FontException::badTable($table->tag, 'a class definition names more glyphs than any font has');
                    }
                    for ($glyph = $numbers[$i]; $glyph <= $numbers[$i + 1]; ++$glyph) {
                        $classes[$glyph] = $numbers[$i + 2];
                    }
                }

                return new self($classes);
            default:
                throw FontException::badTable($table->tag, 'a class definition has an unknown format');
        }
    }

    public function of(int $glyph): int
    {
        return $this->classes[$glyph] ?? 0;
    }
}
