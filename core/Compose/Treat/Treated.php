<?php

declare(strict_types=1);

namespace Uvret\Compose\Treat;

use Uvret\Compose\Part;

/** What treatments made of the parts of a design. */
final readonly class Treated
{
    /**
     * @param list<Part>    $parts
     * @param list<Removal> $removals
     * @param list<Remark>  $remarks
     */
    public function __construct(
        public array $parts,
        public array $removals,
        public array $remarks,
    ) {
    }
}
