<?php

declare(strict_types=1);

namespace Uvret\Design;

/** How large a line is, by its ink; the length is in µm. */
final readonly class Size
{
    public function __construct(
        public SizeBy $by,
        public int $length,
    ) {
    }
}
