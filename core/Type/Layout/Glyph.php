<?php

declare(strict_types=1);

namespace Uvret\Type\Layout;

/** A glyph on its way through shaping. Measures are in font units. */
final class Glyph
{
    /** What it is, in the bits that lookup flags speak of. */
    public const BASE = 0x02;
    public const LIGATURE = 0x04;
    public const MARK = 0x08;

    public const NOT_ATTACHED = 0;
    public const AS_MARK = 1;
    public const CURSIVELY = 2;

    /** The bits above, with the mark's attachment class from bit 8 on. */
    public int $kind = 0;

    /** Which features are on for it, in the bits that the plan gave them. */
    public int $mask = 0;

    public bool $substituted = false;
    public bool $multiplied = false;

    /** The ligature that it is, belongs to as a mark, or came from as a piece; 0 for none. */
    public int $ligature = 0;

    /** Of a mark or a piece: which component of the ligature it stands at, from 1. */
    public int $component = 0;

    /** Of a ligature: how many components it was made of; 0 if it is none. */
    public int $components = 0;

    public int $xAdvance = 0;
    public int $yAdvance = 0;
    public int $xOffset = 0;
    public int $yOffset = 0;

    /** How far away the glyph is that it hangs on; 0 for none. */
    public int $chain = 0;
    public int $attached = self::NOT_ATTACHED;

    /** The kind of space that a plain space stands in for; null for none. */
    public ?int $space = null;

    public function __construct(
        public int $glyph,
        public int $cluster,
        public int $codePoint,
        public readonly bool $isUnicodeMark,
        public readonly bool $ignorable,
        public readonly bool $hidden,
    ) {
    }

    public function isMark(): bool
    {
        return 0 !== ($this->kind & self::MARK);
    }

    public function isBase(): bool
    {
        return 0 !== ($this->kind & self::BASE);
    }

    /** Which component of its ligature it stands at; 0 for a ligature itself and for what is on none. */
    public function componentOf(): int
    {
        return $this->components > 0 ? 0 : $this->component;
    }

    public function componentCount(): int
    {
        return 0 !== ($this->kind & self::LIGATURE) && $this->components > 0 ? $this->components : 1;
    }

    public function becomeLigature(int $id, int $components): void
    {
        $this->ligature = $id;
        $this->components = $components;
        $this->component = 0;
    }

    public function standAt(int $ligature, int $component): void
    {
        $this->ligature = $ligature;
        $this->component = $component;
        $this->components = 0;
    }
}
