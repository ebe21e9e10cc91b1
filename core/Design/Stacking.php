<?php

declare(strict_types=1);

namespace Uvret\Design;

use Uvret\Design\Reading\Named;
use Uvret\Design\Reading\Word;

/** Where a line that has no place of its own stands in the stack of lines. Lengths are in µm. */
final readonly class Stacking
{
    /**
     * @param int  $gap     from the ink of the line above; for the first line from the edge of the area that the lines stand at, and
     *                      without meaning when they stand in its middle
     * @param bool $tight   whether the gap is the least distance to the real shapes of the line above
     * @param int  $shift   to the right of where the alignment puts the line
     * @param bool $toAbove aligned to the ink of the line above instead of the area
     */
    public function __construct(
        public int $gap,
        public bool $tight,
        public int $shift,
        #[Named('alignTo'), Word('above')]
        public bool $toAbove,
    ) {
    }
}
