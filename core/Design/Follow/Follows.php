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
        public FollowPath $path = FollowPath::Straight,
        public Arc $arc = new Arc(),
        public Ring $ring = new Ring(),
        public Brim $brim = new Brim(),
        public Spiral $spiral = new Spiral(),
        public Outline $outline = new Outline(),
        public Sits $sits = Sits::Baseline,
        public int $lift = 0,
        public Placing $letters = Placing::Auto,
        public float $evening = 100.0,
    ) {
    }
}
