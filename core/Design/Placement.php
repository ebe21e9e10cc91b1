<?php

declare(strict_types=1);

namespace Uvret\Design;

use Uvret\Design\Reading\ListOf;

/**
 * The area of a blank that may carry lettering, and how it is measured. Lengths are in µm; across
 * and down lead from the blank's measuring point to the middle of the area's top edge.
 */
final readonly class Placement
{
    /** @param list<FromEdge> $from */
    public function __construct(
        public string $id,
        public string $name,
        public int $width,
        public int $height,
        public int $across,
        public int $down,
        #[ListOf(FromEdge::class)]
        public array $from,
        public ?BrimRing $brim,
    ) {
    }
}
