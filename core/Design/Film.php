<?php

declare(strict_types=1);

namespace Uvret\Design;

/** A heat-transfer film. Lengths are in µm. */
final readonly class Film
{
    /**
     * @param bool $mirrored whether its blade side shows the mirror image of what is worn
     * @param bool $carries  whether another film holds on it
     * @param bool $opaque   whether what lies beneath it shows through
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $colour,
        public Finish $finish,
        public int $width,
        public int $thickness,
        public bool $mirrored,
        public bool $carries = true,
        public bool $opaque = true,
    ) {
    }
}
