<?php

declare(strict_types=1);

namespace Uvret\App\Layout;

/** A film is to be laid out. */
final readonly class LayOut
{
    public function __construct(
        public string $film,
        public int $revision,
        /** Whether pieces that have not changed stay where they are, not only pinned ones. */
        public bool $keep = false,
        /** Whether it has given way to other films already. */
        public bool $isLater = false,
    ) {
    }
}
