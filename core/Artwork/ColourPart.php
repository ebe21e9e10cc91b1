<?php

declare(strict_types=1);

namespace Uvret\Artwork;

use Uvret\Geometry\Region;

/** All that is seen of one colour of a picture. */
final readonly class ColourPart
{
    /** @param string $colour like #2f5d62 */
    public function __construct(
        public string $colour,
        public Region $region,
    ) {
    }
}
