<?php

declare(strict_types=1);

namespace Uvret\Snags;

use Uvret\Compose\PartRole;
use Uvret\Geometry\Region;

/** Places of a part that would tear or can't be weeded at its size. Lengths are in µm. */
final readonly class Loss
{
    /**
     * @param Region   $strokes      strokes thinner than the film allows
     * @param Region   $necks        necks between thicker places
     * @param Region   $tails        tails thin to their ends
     * @param int      $longest      length of the longest tail; 0 if there is none
     * @param Region   $remains      thin film beside insets and cut-outs
     * @param Region   $holes        holes too small to weed
     * @param int      $limit        thinnest stroke the film allows
     * @param int      $thinnest     thinnest stroke or neck found; the limit if there is none
     * @param int|null $strokeHeight cap height at which no stroke or neck would tear; null without letters, or if enlarging is no cure
     * @param int|null $holeHeight   cap height at which no hole is too small; null without letters, or if enlarging is no cure
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
        public ?int $strokeHeight,
        public ?int $holeHeight,
    ) {
    }

    /** Union of all places. */
    public function region(): Region
    {
        return $this->strokes->union($this->necks, $this->tails, $this->remains, $this->holes);
    }
}
