<?php

declare(strict_types=1);

namespace Uvret\Compose\Fill;

use Uvret\Design\Fill\Fills;

/** The edges of a line with its own width and place: straight ink edges plus the set shapes. */
final readonly class ShapedBorders implements Borders
{
    /** Minimum distance of the edges, as a share of the ink's height. */
    private const LEAST = 0.04;

    public function __construct(
        private Fills $fills,
        private float $width,
        private float $bottom,
        private float $top,
    ) {
    }

    public function top(float $share): float
    {
        return \max($this->top + $this->fills->top->at($share), $this->bottom($share) + self::LEAST * ($this->top - $this->bottom));
    }

    public function bottom(float $share): float
    {
        return $this->bottom + $this->fills->bottom->at($share);
    }

    public function across(float $share): float
    {
        return $share * $this->width;
    }
}
