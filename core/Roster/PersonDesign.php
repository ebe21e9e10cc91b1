<?php

declare(strict_types=1);

namespace Uvret\Roster;

use Uvret\Design\Design;

/** A design as it is made for one person. */
final readonly class PersonDesign
{
    /** @param list<FittedLine> $lines those with fields */
    public function __construct(
        public Person $person,
        public Design $design,
        public array $lines,
    ) {
    }
}
