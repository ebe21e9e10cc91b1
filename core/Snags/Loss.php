<?php

declare(strict_types=1);

namespace Uvret\Snags;

use Uvret\Compose\PartRole;
use Uvret\Geometry\Region;

/** What of a part would tear or could not be weeded at its size. Lengths are in µm. */
final readonly class Loss
{
    /**
     * @param Region   $strokes    where strokes are thinner than the film allows
     * @param Region   $necks      where what is thicker hangs together by less than the film allows
     * @param Region   $tails      what is thinner than the film allows to its end
     * @param int      $longest    the longest of those tails, from where it begins to be thin; 0 where there is none
     * @param Region   $remains    where too little is left beside what was set into it or cut from it
     * @param Region   $holes      holes that are too small to weed
     * @param int      $limit      the thinnest stroke that the film allows
     * @param int      $thinnest   the thinnest stroke or neck; the limit where there is none
     * @param int|null $passHeight the height of the letter H at which nothing would be lost; null where nothing is
     */
    public function __construct(
        public string $card,
        public string $film,
        public PartRole $role,
        public Region $strokes,
        public Region $necks,
        public Region $tails,
        public int $longest,
        public Region $remains,
        public Region $holes,
        public int $limit,
        public int $thinnest,
        public ?int $passHeight,
    ) {
    }

    /** All of it together. */
    public function region(): Region
    {
        return $this->strokes->union($this->necks, $this->tails, $this->remains, $this->holes);
    }
}
