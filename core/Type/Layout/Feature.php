<?php

declare(strict_types=1);

namespace Uvret\Type\Layout;

/** A feature switched on, off, or to one of its alternates, for the whole line or for some characters of it. */
final readonly class Feature
{
    /**
     * @param int      $value 0 for off, 1 for on, higher to choose an alternate
     * @param int      $start the first character, counted from 0
     * @param int|null $end   the first character after; null for the line's end
     */
    public function __construct(
        public string $tag,
        public int $value = 1,
        public int $start = 0,
        public ?int $end = null,
    ) {
    }

    public function isGlobal(): bool
    {
        return 0 === $this->start && null === $this->end;
    }

    /** Reads ss01, -kern, +liga or aalt=2; null if it is none of these. */
    public static function parse(string $text): ?self
    {
        if (1 !== \preg_match('/^([+-]?)([\x20-\x7E]{1,4}?)(?:\[(\d*):?(\d*)\])?(?:=(\d{1,3}))?$/', \trim($text), $m)) {
            return null;
        }
        $value = '' !== ($m[5] ?? '') ? (int) $m[5] : ('-' === $m[1] ? 0 : 1);

        return new self(\str_pad($m[2], 4), $value, (int) ($m[3] ?? 0), '' === ($m[4] ?? '') ? null : (int) $m[4]);
    }
}
