<?php

declare(strict_types=1);

namespace Uvret\Compose;

/** Works everything out every time. */
final readonly class NoMemory implements Memory
{
    public function recall(string $key, callable $make): mixed
    {
        return $make();
    }
}
