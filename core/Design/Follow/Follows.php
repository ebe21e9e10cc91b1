<?php

declare(strict_types=1);

namespace Uvret\Design\Follow;

/** What a line runs along, and how its letters stand on that. Lengths are in µm, angles in degrees. */
final readonly class Follows
{
    /**
     * @param int   $lift    how far off the path what sits on it lies, towards the letters' tops
     * @param float $evening how much of the difference between the letters' feet and their middles the spacing makes up for, in percent
     */
    public function __construct(
        public FollowPath $path,
        public Arc $arc,
        public Ring $ring,
        public Brim $brim,
        public Spiral $spiral,
        public Outline $outline,
        public Sits $sits,
        public int $lift,
        public Placing $letters,
        public float $evening,
    ) {
    }
}
