<?php

declare(strict_types=1);

namespace Uvret\App\Api;

use Symfony\Component\Cache\Adapter\FilesystemAdapter;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\Finder\Finder;
use Symfony\Component\HttpKernel\Event\TerminateEvent;

/**
 * Where shapes are remembered from one request to the next: files that last an hour, and that together stay below a size. (Measured
 * against shared memory by APCu, which was half as fast again with four processes.).
 */
final readonly class ShapeCache
{
    private const SECONDS = 3600;
    /** How many answers there are on an average from one look at the size to the next. */
    private const LOOK = 100;

    /** @param int $bytes how large all files may be together */
    public function __construct(
        #[Autowire('%kernel.cache_dir%/shapes')] private string $folder,
        private int $bytes = 200 << 20,
    ) {
    }

    public function adapter(): FilesystemAdapter
    {
        return new FilesystemAdapter('', self::SECONDS, $this->folder);
    }

    #[AsEventListener]
    public function onTerminate(TerminateEvent $event): void
    {
        if (1 === \random_int(1, self::LOOK)) {
            $this->trim();
        }
    }

    /** Removes what was remembered longest ago until half of the room is free. */
    public function trim(): void
    {
        if (!\is_dir($this->folder)) {
            return;
        }
        $sizes = [];
        $ends = [];
        foreach ((new Finder())->files()->in($this->folder) as $file) {
            $path = $file->getPathname();
            // Another process may have removed it. The time of a file is when it ends, an hour after it was written.
            [$sizes[$path], $ends[$path]] = [(int) @\filesize($path), (int) @\filemtime($path)];
        }
        $total = \array_sum($sizes);
        if ($total <= $this->bytes) {
            return;
        }
        \asort($ends);
        foreach (\array_keys($ends) as $path) {
            if ($total <= $this->bytes / 2) {
                return;
            }
            @\unlink($path);
            $total -= $sizes[$path];
        }
    }
}
