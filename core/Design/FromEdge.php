<?php

declare(strict_types=1);

namespace Uvret\Design;

/** A distance that a decorator measures, in µm, and from where. */
final readonly class FromEdge
{
    public function __construct(
        public string $edge,
        public int $distance,
    ) {
    }
}
