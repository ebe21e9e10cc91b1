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

    /** The limits for one card, with kept specks relative to a point. */
    public function seenFrom(string $card, int $x, int $y): self
    {
        return new self(
            hole: $this->hole,
            speck: $this->speck,
            spike: $this->spike,
            gap: $this->gap,
            kept: \array_values(\array_map(
                static fn (KeptSpeck $kept): KeptSpeck => new KeptSpeck(card: $card, x: $kept->x - $x, y: $kept->y - $y),
                \array_filter($this->kept, static fn (KeptSpeck $kept): bool => $kept->card === $card),
            )),
        );
    }
}
