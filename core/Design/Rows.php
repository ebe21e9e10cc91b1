<?php

declare(strict_types=1);

namespace Uvret\Design;

/** How the rows of one line's words stand to each other. */
final readonly class Rows
{
    /** @param int $spacing from baseline to baseline, in percent of the height of the letter H */
    public function __construct(
        public int $spacing,
        public RowWidths $widths,
    ) {
    }
}
