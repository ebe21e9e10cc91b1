<?php

declare(strict_types=1);

namespace Uvret\Design;

/** A heat-transfer film. Lengths are in µm. */
final readonly class Film
{
    /** @param bool $mirrored whether its blade side shows the mirror image of what is worn */
    public function __construct(
        public string $id,
        public string $name,
        public string $colour,
        public string $finish,
        public int $width,
        public int $thickness,
        public bool $mirrored,
    ) {
    }
}
