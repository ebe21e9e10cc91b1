<?php

declare(strict_types=1);

namespace Uvret\Design\Follow;

use Uvret\Design\Reading\Named;
use Uvret\Design\Reading\Word;

/** A part of a circle, ruled by one of three measures. */
final readonly class Arc
{
    public function __construct(
        public ArcBy $by,
        public int $radius,
        public int $rise,
        public float $angle,
        #[Named('bows'), Word('down')]
        public bool $bowsDown,
    ) {
    }
}
