<?php

declare(strict_types=1);

namespace Uvret\Design\Treatment;

use Uvret\Design\Reading\ListOf;

/** Below which measures shapes are rubbish, in µm. */
final readonly class Clean
{
    /**
     * @param int             $hole  holes less than this across are closed
     * @param int             $speck pieces less than this across are dropped
     * @param int             $spike spikes and nubs thinner than this are smoothed
     * @param int             $gap   rims nearer to each other than this are joined or kept apart
     * @param list<KeptSpeck> $kept  what is kept all the same
     */
    public function __construct(
        public int $hole,
        public int $speck,
        public int $spike,
        public int $gap,
        #[ListOf(KeptSpeck::class)]
        public array $kept,
    ) {
    }
}
