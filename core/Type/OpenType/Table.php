<?php

declare(strict_types=1);

namespace Uvret\Type\OpenType;

use Uvret\Type\FontException;

/** The bytes of one font table; every read is checked against its length. Numbers are big-endian. */
final readonly class Table
{
    public int $length;

    public function __construct(
        public string $tag,
        private string $bytes,
    ) {
        $this->length = \strlen($bytes);
    }

    public function u8(int $at): int
    {
        if ($at < 0 || $at >= $this->length) {
            throw FontException::cutShort($this->tag);
        }

        return \ord($this->bytes[$at]);
    }

    public function u16(int $at): int
    {
        if ($at < 0 || $at + 2 > $this->length) {
            throw FontException::cutShort($this->tag);
        }

        return \ord($this->bytes[$at]) << 8 | \ord($this->bytes[$at + 1]);
    }

    public function i16(int $at): int
    {
        $value = $this->u16($at);

        return $value < 0x8000 ? $value : $value - 0x10000;
    }

    public function u32(int $at): int
    {
        return $this->u16($at) << 16 | $this->u16($at + 2);
    }

    /** A number of 2 bits before and 14 behind the point. */
    public function f2dot14(int $at): float
    {
        return $this->i16($at) / 16384;
    }

    /** @return list<int> */
    public function u16s(int $at, int $count): array
    {
        return $this->numbers('n', $at, $count, 2);
    }

    /** @return list<int> */
    public function u32s(int $at, int $count): array
    {
        return $this->numbers('N', $at, $count, 4);
    }

    public function text(int $at, int $length): string
    {
        if ($at < 0 || $length < 0 || $at + $length > $this->length) {
            throw FontException::cutShort($this->tag);
        }

        return \substr($this->bytes, $at, $length);
    }

    public function part(int $at, int $length): self
    {
        return new self($this->tag, $this->text($at, $length));
    }

    /** @return list<int> */
    private function numbers(string $format, int $at, int $count, int $size): array
    {
        if (0 === $count) {
            return [];
        }
        /** @var array<int, int> $numbers */
        $numbers = \unpack($format.$count, $this->text($at, $count * $size));

        return \array_values($numbers);
    }
}
