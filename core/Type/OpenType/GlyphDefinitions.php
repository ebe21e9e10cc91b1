<?php

declare(strict_types=1);

namespace Uvret\Type\OpenType;

/** The GDEF table: which glyphs are bases, ligatures and marks, and the sets that lookups filter marks by. */
final class GlyphDefinitions
{
    public const BASE = 1;
    public const LIGATURE = 2;
    public const MARK = 3;

    /** @var array<int, Coverage|null> */
    private array $sets = [];

    private function __construct(
        private readonly ?Table $gdef,
        private readonly ?ClassDefinition $classes,
        private readonly ClassDefinition $markClasses,
        private readonly int $setsAt,
    ) {
    }

    public static function none(): self
    {
        return new self(null, null, ClassDefinition::none(), 0);
    }

    public static function read(Table $gdef): self
    {
        $classes = $gdef->u16(4);
        $marks = $gdef->u16(10);
        $sets = $gdef->u32(0) >= 0x00010002 ? $gdef->u16(12) : 0;

        return new self(
            $gdef,
            0 === $classes ? null : ClassDefinition::read($gdef, $classes),
            0 === $marks ? ClassDefinition::none() : ClassDefinition::read($gdef, $marks),
            $sets,
        );
    }

    /** Whether the font says what its glyphs are; otherwise it is told from their characters. */
    public function hasClasses(): bool
    {
        return null !== $this->classes;
    }

    public function classOf(int $glyph): int
    {
        return $this->classes?->of($glyph) ?? 0;
    }

    public function markClassOf(int $glyph): int
    {
        return $this->markClasses->of($glyph);
    }

    public function markSetHolds(int $set, int $glyph): bool
    {
        if (null === $this->gdef || 0 === $this->setsAt) {
            return false;
        }
        if (!\array_key_exists($set, $this->sets)) {
            $offset = $set < $this->gdef->u16($this->setsAt + 2) ? $this->gdef->u32($this->setsAt + 4 + 4 * $set) : 0;
            $this->sets[$set] = 0 === $offset ? null : Coverage::read($this->gdef, $this->setsAt + $offset);
        }

        return null !== $this->sets[$set]?->index($glyph);
    }
}
