<?php

declare(strict_types=1);

namespace Uvret\Type;

/** A font as the type case lists it. */
final readonly class FontEntry
{
    public function __construct(
        public string $id,
        public string $name,
        public string $use,
        public string $licence,
    ) {
    }
}
