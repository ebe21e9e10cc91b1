<?php

declare(strict_types=1);

namespace Uvret\App\Api;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Contracts\Cache\CacheInterface;
use Uvret\Compose\Memory;

/** Remembers shapes from one request to the next. */
final readonly class CachedMemory implements Memory
{
    public function __construct(
        #[Autowire(service: 'uvret.shapes')] private CacheInterface $cache,
        /** Tells one state of the code from another: what an earlier one worked out is not taken for its own. */
        #[Autowire('%uvret.code%')] private string $code,
    ) {
    }

    public function recall(string $key, callable $make): mixed
    {
        return $this->cache->get(\hash('xxh128', $this->code.$key), static fn (): mixed => $make());
    }
}
