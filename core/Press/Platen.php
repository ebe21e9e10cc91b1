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
        public PressKind $kind = PressKind::Flat,
        public string $id = '',
    ) {
    }
}
