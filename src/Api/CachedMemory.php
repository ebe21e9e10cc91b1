<?php

declare(strict_types=1);

namespace Uvret\App\Api;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Contracts\Cache\CacheInterface;
use Uvret\Compose\Memory;

/** Memory of shapes that outlives a request. */
final readonly class CachedMemory implements Memory
{
    public function __construct(
        #[Autowire(service: 'uvret.shapes')] private CacheInterface $cache,
        /** Hash of the code, so that results of an older version are not used. */
        #[Autowire('%uvret.code%')] private string $code,
    ) {
    }

    public function recall(string $key, callable $make): mixed
    {
        return $this->cache->get(\hash('xxh128', $this->code.$key), static fn (): mixed => $make());
    }
}
