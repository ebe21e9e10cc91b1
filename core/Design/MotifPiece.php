<?php

declare(strict_types=1);

namespace Uvret\Design;

use Uvret\Design\Reading\Downward;
use Uvret\Design\Reading\Named;
use Uvret\Design\Reading\NullFor;

/** What is otherwise for one piece of a motif. Lengths are ten-thousandths of the motif's width and height, before its turn. */
final readonly class MotifPiece
{
    /**
     * @param int         $colour the place of its colour
     * @param int         $x      of a point in the piece as it was drawn, from the motif's middle
     * @param bool        $gone   whether it is left out
     * @param int         $right  how far it is moved
     * @param float       $scale  in percent, about its middle
     * @param float       $turn   about its middle, in degrees clockwise
     * @param string|null $film   its own; null for that of its colour
     */
    public function __construct(
        public string $id,
        public int $colour,
        public int $x,
        #[Downward]
        public int $y,
        public bool $gone,
        #[Named('across')]
        public int $right,
        #[Named('down'), Downward]
        public int $up,
        public float $scale,
        public float $turn,
        #[NullFor('')]
        public ?string $film,
    ) {
    }
}
