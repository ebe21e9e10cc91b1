<?php

declare(strict_types=1);

namespace Uvret\Snags;

/** A change of one card, or of the blank, that mends a snag, to be made by one click. */
final readonly class Fix
{
    /**
     * @param int|null    $letterHeight the size that letters H get, in µm; null where the size stays
     * @param int|null    $spacing      the tracking, in thousandths of the em; null where it stays
     * @param int|null    $heft         how much the strokes are grown on either side, in µm; null where it stays
     * @param string|null $islands      what becomes of the islands of what is cut out; null where that stays
     * @param string|null $into         the card that it gets set into; null where it is not
     * @param string|null $above        the card that it is brought forward of; null where it stays at its depth
     * @param string|null $crosses      the place to keep off that lettering may run across; null where none is allowed
     * @param bool        $settles      whether what a design of before looked like is of no more interest
     */
    public function __construct(
        public string $say,
        public ?int $letterHeight = null,
        public ?int $spacing = null,
        public ?int $heft = null,
        public ?string $islands = null,
        public ?string $into = null,
        public ?string $above = null,
        public ?string $crosses = null,
        public bool $settles = false,
    ) {
    }
}
