<?php

declare(strict_types=1);

namespace Uvret\Compose\Treat;

use Uvret\Compose\Part;
use Uvret\Geometry\Region;

/** What treatments made of the parts of a design. */
final readonly class Treated
{
    /**
     * @param list<Part>            $parts
     * @param list<Removal>         $removals
     * @param list<Remark>          $remarks
     * @param array<string, Region> $rooms    what was cut out of cards for what is set into or cut from them
     */
    public function __construct(
        public array $parts,
        public array $removals,
        public array $remarks,
        public array $rooms,
    ) {
    }
}
