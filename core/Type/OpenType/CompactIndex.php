<?php

declare(strict_types=1);

namespace Uvret\Type\OpenType;

use Uvret\Type\FontException;

/** An INDEX of the CFF table: a list of byte strings. */
final readonly class CompactIndex
{
    /** @param int $end where the next thing in the table begins */
    private function __construct(
        private Table $cff,
        public int $count,
        private int $offsetsAt,
        private int $offsetSize,
        private int $dataAt,
        public int $end,
    ) {
    }

    /** @param bool $wide whether its count has four bytes, as in the table CFF2 */
    public static function read(Table $cff, int $at, bool $wide = false): self
    {
        $count = $wide ? $cff->u32($at) : $cff->u16($at);
        $at += $wide ? 2 : 0;
        if (0 === $count) {
            return new self($cff, 0, 0, 1, 0, $at + 2);
        }
        if ($count > 65535) {
            throw FontException::badTable($cff->tag, 'an index has too many entries');
        }
        $size = $cff->u8($at + 2);
        if ($size < 1 || $size > 4) {
            throw FontException::badTable('CFF ', 'an index has offsets of an impossible size');
        }
        $data = $at + 3 + ($count + 1) * $size - 1;
        $index = new self($cff, $count, $at + 3, $size, $data, 0);
        $end = $data + $index->offset($count);
        if ($end > $cff->length) {
            throw FontException::cutShort('CFF ');
        }

        return new self($cff, $count, $at + 3, $size, $data, $end);
    }

    public function item(int $number): string
    {
        if ($number < 0 || $number >= $this->count) {
            throw FontException::badTable('CFF ', 'something is called that is not there');
        }
        $start = $this->offset($number);

        return $this->cff->text($this->dataAt + $start, $this->offset($number + 1) - $start);
    }

    private function offset(int $number): int
    {
        $offset = 0;
        for ($i = 0; $i < $this->offsetSize; ++$i) {
            $offset = $offset << 8 | $this->cff->u8($this->offsetsAt + $number * $this->offsetSize + $i);
        }

        return $offset;
    }
}
