<?php

declare(strict_types=1);

namespace Uvret\Type\OpenType;

use Uvret\Geometry\Curve\Path;
use Uvret\Type\FontException;

/** The CFF table: PostScript outlines (Adobe Technical Note 5176). */
final class CompactOutlines implements Outlines
{
    private const CHARSET = 15;
    private const CHAR_STRINGS = 17;
    private const PRIVATE = 18;
    private const LOCAL_SUBRS = 19;
    private const VARIATION_STORE = 24;
    private const FD_ARRAY = 1236;
    private const FD_SELECT = 1237;

    /**
     * @param list<CompactIndex|null> $locals  the local subroutines of each part of the font
     * @param list<int>|null          $regions in how many directions numbers vary, for each way of varying; null for CFF 1
     */
    private function __construct(
        private readonly Table $cff,
        private readonly CompactIndex $charStrings,
        private readonly CompactIndex $globals,
        private readonly array $locals,
        private readonly int $selectAt,
        private readonly int $charsetAt,
        private readonly ?array $regions = null,
    ) {
    }

    public static function read(Table $cff): self
    {
        $names = CompactIndex::read($cff, $cff->u8(2));
        $tops = CompactIndex::read($cff, $names->end);
        $strings = CompactIndex::read($cff, $tops->end);
        $globals = CompactIndex::read($cff, $strings->end);
        $top = CompactDictionary::read($tops->item(0));
        $charStrings = CompactIndex::read($cff, $top->number(self::CHAR_STRINGS));
        $locals = [];
        if ($top->has(self::FD_ARRAY)) {
            $parts = CompactIndex::read($cff, $top->number(self::FD_ARRAY));
            for ($i = 0; $i < \min($parts->count, 256); ++$i) {
                $locals[] = self::locals($cff, CompactDictionary::read($parts->item($i)));
            }
        } else {
            $locals[] = self::locals($cff, $top);
        }

        return new self($cff, $charStrings, $globals, $locals, $top->number(self::FD_SELECT), $top->number(self::CHARSET));
    }

    /** The table CFF2 of variable fonts, in their default instance. */
    public static function readVariable(Table $cff): self
    {
        $header = $cff->u8(2);
        $length = $cff->u16(3);
        $top = CompactDictionary::read($cff->text($header, $length));
        $globals = CompactIndex::read($cff, $header + $length, true);
        $charStrings = CompactIndex::read($cff, $top->number(self::CHAR_STRINGS), true);
        $parts = CompactIndex::read($cff, $top->number(self::FD_ARRAY), true);
        $locals = [];
        for ($i = 0; $i < \min($parts->count, 256); ++$i) {
            $locals[] = self::locals($cff, CompactDictionary::read($parts->item($i)), true);
        }
        $regions = [];
        if ($top->has(self::VARIATION_STORE)) {
            $store = $top->number(self::VARIATION_STORE) + 2;
            foreach ($cff->u32s($store + 8, $cff->u16($store + 6)) as $offset) {
                $regions[] = $cff->u16($store + $offset + 4);
            }
        }

        return new self($cff, $charStrings, $globals, $locals, $top->number(self::FD_SELECT), 0, $regions);
    }

    public function path(int $glyph): Path
    {
        if ($glyph < 0 || $glyph >= $this->charStrings->count) {
            throw FontException::noSuchGlyph($glyph);
        }
        $run = new CharString($this->globals, $this->locals[$this->part($glyph)] ?? null, $this->accented(...), $this->regions);

        return $run->path($this->charStrings->item($glyph));
    }

    public function box(int $glyph): array
    {
        $bounds = $this->path($glyph)->bounds();

        return null === $bounds ? [0, 0, 0, 0] : [(int) \floor($bounds[0]), (int) \floor($bounds[1]), (int) \ceil($bounds[2]), (int) \ceil($bounds[3])];
    }

    private static function locals(Table $cff, CompactDictionary $of, bool $wide = false): ?CompactIndex
    {
        [$size, $at] = [$of->number(self::PRIVATE, 0), $of->number(self::PRIVATE, 1)];
        if (0 === $size) {
            return null;
        }
        $private = CompactDictionary::read($cff->text($at, $size));

        return $private->has(self::LOCAL_SUBRS) ? CompactIndex::read($cff, $at + $private->number(self::LOCAL_SUBRS), $wide) : null;
    }

    /** Which part of the font a glyph belongs to. */
    private function part(int $glyph): int
    {
        if (0 === $this->selectAt) {
            return 0;
        }
        if (0 === $this->cff->u8($this->selectAt)) {
            return $this->cff->u8($this->selectAt + 1 + $glyph);
        }
        $ranges = $this->cff->u16($this->selectAt + 1);
        for ($i = $ranges - 1; $i >= 0; --$i) {
            if ($glyph >= $this->cff->u16($this->selectAt + 3 + 3 * $i)) {
                return $this->cff->u8($this->selectAt + 5 + 3 * $i);
            }
        }

        return 0;
    }

    /** The char string of a character of the standard encoding, for accented letters that are put together from two. */
    private function accented(int $code): string
    {
        $name = self::standardName($code);
        $glyph = $name > 0 ? $this->named($name) : 0;

        return $this->charStrings->item($glyph);
    }

    private function named(int $name): int
    {
        if ($this->charsetAt <= 2) {
            return $name;
        }
        $format = $this->cff->u8($this->charsetAt);
        $at = $this->charsetAt + 1;
        for ($glyph = 1; $glyph < $this->charStrings->count;) {
            $first = $this->cff->u16($at);
            $left = match ($format) {
                0 => 0,
                1 => $this->cff->u8($at + 2),
                default => $this->cff->u16($at + 2),
            };
            if ($name >= $first && $name <= $first + $left) {
                return $glyph + $name - $first;
            }
            $glyph += $left + 1;
            $at += [2, 3, 4][\min(2, $format)];
        }

        return 0;
    }

    /** The number of a standard encoding's character among the standard strings. */
    private static function standardName(int $code): int
    {
        foreach ([
            [32, 126, 1],
            [161, 175, 96],
            [177, 180, 111],
            [182, 189, 115],
            [191, 191, 123],
            [193, 200, 124],
            [202, 203, 132],
            [205, 208, 134],
            [225, 225, 138],
            [227, 227, 139],
            [232, 235, 140],
            [241, 241, 144],
            [245, 245, 145],
            [248, 251, 146],
        ] as [$first, $last, $name]) {
            if ($code >= $first && $code <= $last) {
                return $name + $code - $first;
            }
        }

        return 0;
    }
}
