<?php

declare(strict_types=1);

namespace Uvret\Design;

/** How large a form or motif is before it is turned, in µm. */
final readonly class Dimensions
{
    public function __construct(
        public int $width,
        public int $height,
    ) {
    }
}
