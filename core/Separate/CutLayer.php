<?php

declare(strict_types=1);

namespace Uvret\Separate;

use Uvret\Design\Film;
use Uvret\Geometry\Region;

/** All that is cut from one film for one design, wear side. */
final readonly class CutLayer
{
    /** @param Region $shown what is seen of it when all layers are pressed */
    public function __construct(
        public Film $film,
        public Region $region,
        public Region $shown,
    ) {
    }
}
