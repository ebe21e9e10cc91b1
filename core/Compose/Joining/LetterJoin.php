<?php

declare(strict_types=1);

namespace Uvret\Compose\Joining;

use Uvret\Design\Derived;

/** Overlap or gap of two neighbouring letters. Lengths are in µm, areas in µm². */
final readonly class LetterJoin
{
    use Derived;

    /** Letters closer than this leave a strip that cannot be weeded, in µm. */
    public const HAIR = 1000;

    /**
     * @param int   $left      the first letter's place in the words
     * @param int   $right     the second one's
     * @param bool  $expected  whether they ought to join
     * @param int   $overlap   how thick the neck is where they overlap; 0 if they don't
     * @param int   $gap       how far apart they are; 0 if they overlap
     * @param float $lost      how much of the area of a hole in one of them the other one fills
     * @param float $lostShare the same as a share of the hole
     * @param int   $x         where, in the sized line's coordinates
     */
    public function __construct(
        public int $left,
        public int $right,
        public bool $expected,
        public int $overlap,
        public int $gap,
        public float $lost,
        public float $lostShare,
        public int $x,
        public int $y,
    ) {
    }

    public function moved(int $dx, int $dy): self
    {
        return $this->derive(['x' => $this->x + $dx, 'y' => $this->y + $dy]);
    }

    /** Whether a hole is visibly filled. */
    public function fillsHole(): bool
    {
        return $this->lostShare > 0.04 && $this->lost > 50_000;
    }
}
