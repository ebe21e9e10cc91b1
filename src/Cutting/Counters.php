<?php

declare(strict_types=1);

namespace Uvret\App\Cutting;

/** The cutter's lifetime counters: bytes received, bytes executed, times switched on. */
final readonly class Counters
{
    public function __construct(
        public int $accepted,
        public int $executed,
        public int $starts,
    ) {
    }
}
