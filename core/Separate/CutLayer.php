<?php

declare(strict_types=1);

namespace Uvret\Separate;

use Uvret\Design\Film;
use Uvret\Geometry\Region;

/** Everything cut from one film for a design, wear side. */
final readonly class CutLayer
{
    /** @param Region $shown its visible part once all layers are pressed */
    public function __construct(
        public Film $film,
        public Region $region,
        public Region $shown,
    ) {
    }
}
