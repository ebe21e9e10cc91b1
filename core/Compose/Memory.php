<?php

declare(strict_types=1);

namespace Uvret\Compose;

/** Keeps what was worked out, by the hash of what it was worked out from. */
interface Memory
{
    /**
     * @template T
     *
     * @param string        $key  tells what it is and all that it depends on
     * @param callable(): T $make
     *
     * @return T
     */
    public function recall(string $key, callable $make): mixed;
}
