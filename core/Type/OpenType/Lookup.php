<?php

declare(strict_types=1);

namespace Uvret\Type\OpenType;

/** A lookup of GSUB or GPOS: subtables of one type, tried in order; extension subtables are already followed. */
final readonly class Lookup
{
    public const RIGHT_TO_LEFT = 0x01;
    public const IGNORE_BASES = 0x02;
    public const IGNORE_LIGATURES = 0x04;
    public const IGNORE_MARKS = 0x08;
    public const IGNORE_FLAGS = 0x0E;
    public const USE_MARK_SET = 0x10;

    /**
     * @param list<int> $subtables where they begin in the table
     * @param int       $markSet   the set of marks that are looked at, where the flag says so
     */
    public function __construct(
        public int $type,
        public int $flag,
        public array $subtables,
        public int $markSet,
    ) {
    }
}
