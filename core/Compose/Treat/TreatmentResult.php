<?php

declare(strict_types=1);

namespace Uvret\Compose\Treat;

use Uvret\Compose\Part;
use Uvret\Geometry\Region;

/** The result of all treatments. */
final readonly class TreatmentResult
{
    /**
     * @param list<Part>            $parts
     * @param list<Removal>         $removals
     * @param list<Remark>          $remarks
     * @param array<string, Region> $rooms    cut-outs of cards for insets and cut-out cards
     */
    public function __construct(
        public array $parts,
        public array $removals,
        public array $remarks,
        public array $rooms,
    ) {
    }
}
