<?php

declare(strict_types=1);

namespace Uvret\Press;

/** The heated plate of a press. Lengths are in µm. */
final readonly class Platen
{
    public function __construct(
        public string $name,
        public int $width,
        public int $height,
    ) {
    }

    /** A flat press as most shops have one. */
    public static function usual(): self
    {
        return new self('flat press', 380_000, 380_000);
    }
}
