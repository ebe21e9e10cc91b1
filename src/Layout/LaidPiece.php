<?php

declare(strict_types=1);

namespace Uvret\App\Layout;

use Uvret\App\Entity\JobDesign;
use Uvret\Cut\CutSheet;
use Uvret\Layout\Nest\Piece;

/** One copy of a layer to lay out. Copies share the sheet and the piece. */
final readonly class LaidPiece
{
    /**
     * @param int    $number cut beside it, the same on all films
     * @param string $person its owner; empty if all copies are the same
     * @param string $layer  digest of everything the knife cuts
     */
    public function __construct(
        public int $item,
        public int $copy,
        public int $number,
        public string $person,
        public JobDesign $design,
        public string $name,
        public CutSheet $sheet,
        public Piece $piece,
        public string $layer,
    ) {
    }
}
