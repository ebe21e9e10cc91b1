<?php

declare(strict_types=1);

namespace Uvret\Design\Follow;

/** A part of a circle, ruled by one of three measures. */
final readonly class Arc
{
    public function __construct(
        public ArcBy $by = ArcBy::Rise,
        public int $radius = 150_000,
        public int $rise = 20_000,
        public float $angle = 60.0,
        public bool $bowsDown = false,
    ) {
    }
}
