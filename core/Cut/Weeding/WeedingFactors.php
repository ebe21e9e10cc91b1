<?php

declare(strict_types=1);

namespace Uvret\Cut\Weeding;

/** Weeding times of a shop, in seconds. */
final readonly class WeedingFactors
{
    /**
     * @param float $begin  per sheet, to start and check
     * @param float $metre  per metre of outline
     * @param float $neck   per neck of the waste, which must be held down
     * @param float $hole   per hole
     * @param float $small  extra for a hole narrower than the hook
     * @param float $stroke per thin stroke, which must stay
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
