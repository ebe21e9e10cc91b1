<?php

declare(strict_types=1);

namespace Uvret\Snags;

/** A change of one line that mends a snag, to be made by one click. */
final readonly class Fix
{
    /**
     * @param int|null $letterHeight the size that letters H get, in µm; null where the size stays
     * @param int|null $spacing      the tracking, in thousandths of the em; null where it stays
     */
    public function __construct(
        public string $say,
        public ?int $letterHeight = null,
        public ?int $spacing = null,
    ) {
    }
}
