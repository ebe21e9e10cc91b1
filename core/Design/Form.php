<?php

declare(strict_types=1);

namespace Uvret\Design;

use Uvret\Design\Treatment\Treatments;

/** A basic shape in its place. */
final readonly class Form extends Card
{
    /** @param bool $guide only there to be followed or filled: neither worn nor cut */
    public function __construct(
        string $id,
        public string $film,
        bool $hidden,
        bool $locked,
        int $depth,
        Belonging $belongs,
        Treatments $treatments,
        public FormShape $shape,
        public Dimensions $size,
        public Place $place,
        public bool $guide,
    ) {
        parent::__construct($id, $hidden, $locked, $depth, $belongs, $treatments);
    }
}
