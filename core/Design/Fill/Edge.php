<?php

declare(strict_types=1);

namespace Uvret\Design\Fill;

/** One edge of a line that is stretched. Lengths are in µm. */
final readonly class Edge
{
    /**
     * @param int   $rise  how far the shape reaches from the straight edge
     * @param float $pull  how far its highest place is drawn to the left (below 0) or the right, in percent
     * @param int   $left  how much higher the left end lies
     * @param int   $right how much higher the right end lies
     */
    public function __construct(
        public EdgeShape $shape,
        public int $rise,
        public float $pull,
        public int $left,
        public int $right,
    ) {
    }

    public function isPlain(): bool
    {
        return 0 === $this->left && 0 === $this->right && (EdgeShape::Level === $this->shape || (0 === $this->rise && EdgeShape::Form !== $this->shape));
    }

    /** How much higher than the straight edge it is, at a place from 0 at the left to 1 at the right. */
    public function at(float $t): float
    {
        return $this->left + ($this->right - $this->left) * $t + $this->rise * $this->shape->at(self::pulled($t, $this->peak()));
    }

    /** Where what is in the middle without a pull lies, from 0 at the left to 1 at the right. */
    public function peak(): float
    {
        return 0.5 + $this->pull / 250;
    }

    /** Keeps the ends and takes the peak to the middle: the smooth projective map that does. */
    private static function pulled(float $t, float $peak): float
    {
        return 0.5 === $peak ? $t : $t * (1 - $peak) / ($t * (1 - 2 * $peak) + $peak);
    }
}
