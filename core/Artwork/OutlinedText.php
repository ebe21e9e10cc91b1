<?php

declare(strict_types=1);

namespace Uvret\Artwork;

use Uvret\Geometry\Curve\Path;

/** A text as shapes. */
final readonly class OutlinedText
{
    /**
     * @param Path  $path    from its start on the baseline, y up
     * @param float $advance how far the pen goes on
     */
    public function __construct(
        public Path $path,
        public float $advance,
    ) {
    }
}
