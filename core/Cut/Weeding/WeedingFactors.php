<?php

declare(strict_types=1);

namespace Uvret\Cut\Weeding;

/** How quick the hands of a shop are, in seconds. */
final readonly class WeedingFactors
{
    /**
     * @param float $begin  to begin with a sheet and to look it over in the end
     * @param float $metre  to pull the waste off along a metre of outline
     * @param float $neck   where it is narrow and has to be held down
     * @param float $hole   to pick out a hole
     * @param float $small  more for one that is less than a hook's breadth wide
     * @param float $stroke beside a thin stroke, which has to stay
     */
    public function __construct(
        public float $begin = 15.0,
        public float $metre = 20.0,
        public float $neck = 3.0,
        public float $hole = 4.0,
        public float $small = 4.0,
        public float $stroke = 2.0,
    ) {
    }
}
