<?php

declare(strict_types=1);

namespace Uvret\Compose\Joining;

/** A nudge that makes a letter join the one before. */
final readonly class Mend
{
    /**
     * @param int        $at   the letter's place in the words
     * @param string     $pair the two letters
     * @param float|null $by   more room before it, in thousandths of the em; null if no move helps
     */
    public function __construct(
        public int $at,
        public string $pair,
        public ?float $by,
    ) {
    }
}
