<?php

declare(strict_types=1);

namespace Uvret\Design;

/** A flat ring round the blank's measuring point that carries lettering: the brim of a hat laid flat. Radii in µm. */
final readonly class BrimRing
{
    public function __construct(
        public int $edge,
        public int $crown,
    ) {
    }
}
