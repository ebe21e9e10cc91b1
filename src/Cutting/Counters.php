<?php

declare(strict_types=1);

namespace Uvret\App\Cutting;

/** What a cutter says of itself: bytes taken in and carried out in all its life, and how often it was switched on. */
final readonly class Counters
{
    public function __construct(
        public int $accepted,
        public int $executed,
        public int $starts,
    ) {
    }
}
