<?php

declare(strict_types=1);

namespace Uvret\Design\Treatment;

/** A knock-out. Lengths are in µm. */
final readonly class SetInto
{
    /**
     * @param list<string> $cards what it is knocked out of, where they are named
     * @param bool         $keep  whether the inset is cut as well, or only its shape is left open
     */
    public function __construct(
        public Into $into,
        public array $cards,
        public int $clearance,
        public Corners $corner,
        public bool $keep,
    ) {
    }
}
