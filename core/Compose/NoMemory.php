<?php

declare(strict_types=1);

namespace Uvret\Compose;

/** Caches nothing. */
final readonly class NoMemory implements Memory
{
    public function recall(string $key, callable $make): mixed
    {
        return $make();
    }
}
