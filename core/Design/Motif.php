<?php

declare(strict_types=1);

namespace Uvret\Design;

use Uvret\Design\Reading\ListOf;
use Uvret\Design\Treatment\Treatments;

/** Artwork in its place. */
final readonly class Motif extends Card
{
    /**
     * @param list<MotifColour> $colours
     * @param list<MotifPiece>  $pieces  those for which something is otherwise
     */
    public function __construct(
        string $id,
        bool $hidden,
        bool $locked,
        int $depth,
        Belonging $belongs,
        Treatments $treatments,
        public string $name,
        #[ListOf(MotifColour::class)]
        public array $colours,
        public Dimensions $size,
        public Place $place,
        #[ListOf(MotifPiece::class)]
        public array $pieces,
    ) {
        parent::__construct($id, $hidden, $locked, $depth, $belongs, $treatments);
    }
}
