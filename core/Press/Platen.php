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

    /** As most shops have them: a flat press, and small ones for what does not lie flat. */
    public static function usual(string $drawing): self
    {
        return match ($drawing) {
            'cap' => new self('cap press', 140_000, 80_000),
            'hat-brim', 'brimmed-hat' => new self('small press', 120_000, 120_000),
            'sleeve' => new self('sleeve press', 130_000, 380_000),
            default => new self('flat press', 380_000, 380_000),
        };
    }
}
