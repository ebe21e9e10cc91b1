<?php

declare(strict_types=1);

namespace Uvret\Design\Treatment;

/** Below which measures shapes are rubbish, in µm. */
final readonly class Clean
{
    /**
     * @param int                                       $hole  holes less than this across are closed
     * @param int                                       $speck pieces less than this across are dropped
     * @param int                                       $spike spikes and nubs thinner than this are smoothed
     * @param int                                       $gap   rims nearer to each other than this are joined or kept apart
     * @param list<array{card: string, x: int, y: int}> $kept  what is kept all the same, y up
     */
    public function __construct(
        public int $hole = 1_000,
        public int $speck = 1_000,
        public int $spike = 400,
        public int $gap = 800,
        public array $kept = [],
    ) {
    }
}
