<?php

declare(strict_types=1);

namespace Uvret\App\Api;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Contracts\Cache\CacheInterface;
use Symfony\Contracts\Cache\ItemInterface;
use Uvret\Compose\Memory;

/** Remembers shapes from one request to the next. */
final readonly class CachedMemory implements Memory
{
    private const SECONDS = 3600;

    /** Tells one state of the code from another: what an earlier one worked out is not taken for its own. */
    private string $code;

    public function __construct(
        private CacheInterface $cache,
        #[Autowire('%kernel.project_dir%/core')] string $core,
    ) {
        $this->code = \implode(' ', \array_map(static fn (string $folder): string => (string) \filemtime($folder), [$core, ...\glob("$core/*", \GLOB_ONLYDIR) ?: [], ...\glob("$core/*/*", \GLOB_ONLYDIR) ?: []]));
    }

    public function recall(string $key, callable $make): mixed
    {
        return $this->cache->get(\hash('xxh128', $this->code.$key), static function (ItemInterface $item) use ($make): mixed {
            $item->expiresAfter(self::SECONDS);

            return $make();
        });
    }
}
