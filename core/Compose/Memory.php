<?php

declare(strict_types=1);

namespace Uvret\Compose;

/** Caches results by a hash of their inputs. */
interface Memory
{
    /**
     * @template T
     *
     * @param string        $key  identifies the result and all inputs
     * @param callable(): T $make
     *
     * @return T
     */
    public function recall(string $key, callable $make): mixed;
}
