<?php

declare(strict_types=1);

namespace Uvret\App\Layout;

/** Asks a worker to lay a film out. */
final readonly class LayOut
{
    public function __construct(
        public string $film,
        public int $revision,
        /** Whether unchanged pieces stay, not only pinned ones. */
        public bool $keep = false,
        /** Whether it has already yielded to other films. */
        public bool $isLater = false,
    ) {
    }
}
