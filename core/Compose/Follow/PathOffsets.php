<?php

declare(strict_types=1);

namespace Uvret\Compose\Follow;

use Uvret\Design\Follow\Follows;

/** Offsets of letters from their path, in µm above it. */
final readonly class PathOffsets
{
    /**
     * @param float $baseline of the baseline
     * @param float $measured of the height where the spacing equals that of straight words
     */
    public function __construct(
        public float $baseline,
        public float $measured,
    ) {
    }

    /** @param float $letterHeight of the letter H */
    public static function of(Follows $follows, float $letterHeight): self
    {
        $baseline = $follows->lift - $follows->sits->above($letterHeight);

        return new self($baseline, ($baseline + $letterHeight / 2) * $follows->evening / 100);
    }
}
