<?php

declare(strict_types=1);

namespace Uvret\Snags;

use Uvret\Geometry\Region;

/** What of a line would tear or could not be weeded at its size. Lengths are in µm. */
final readonly class Loss
{
    /**
     * @param Region   $strokes    where strokes are thinner than the film allows
     * @param Region   $holes      holes that are too small to weed
     * @param int      $limit      the thinnest stroke that the film allows
     * @param int|null $passHeight the height of the letter H at which nothing would be lost; null where nothing is
     */
    public function __construct(
        public string $card,
        public string $film,
        public Region $strokes,
        public Region $holes,
        public int $limit,
        public ?int $passHeight,
    ) {
    }
}
