<?php

declare(strict_types=1);

namespace Uvret\Design;

/** How a line with fields is fitted to the words of each person. */
final readonly class Fitting
{
    /**
     * @param bool $tallest    one letter height for all, the largest at which the longest is within the limit
     * @param int  $atMost     width in µm; 0 for no limit
     * @param int  $squeeze    what is too wide is made narrower to this share at most, in percent, and then smaller
     * @param bool $evenDigits whether every digit takes as much room as the widest
     */
    public function __construct(
        public bool $tallest,
        public int $atMost,
        public int $squeeze,
        public bool $evenDigits,
    ) {
    }
}
