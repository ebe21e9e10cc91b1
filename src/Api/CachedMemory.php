<?php

declare(strict_types=1);

namespace Uvret\App\Api;

use Symfony\Contracts\Cache\CacheInterface;
use Symfony\Contracts\Cache\ItemInterface;
use Uvret\Compose\Memory;

/** Remembers shapes from one request to the next. */
final readonly class CachedMemory implements Memory
{
    private const SECONDS = 3600;

    public function __construct(private CacheInterface $cache)
    {
    }

    public function recall(string $key, callable $make): mixed
    {
        return $this->cache->get(\hash('xxh128', $key), static function (ItemInterface $item) use ($make): mixed {
            $item->expiresAfter(self::SECONDS);

            return $make();
        });
    }
}
