<?php

declare(strict_types=1);

namespace Uvret\Design\Treatment;

/** What is done to the shape of a card. */
final readonly class Treatments
{
    /**
     * @param string        $group    cards of one group keep their places to each other
     * @param list<Erasure> $erased
     * @param list<Rim>     $outlines from the inside out
     */
    public function __construct(
        public string $group = '',
        public array $erased = [],
        public Copies $copies = new Copies(),
        public array $outlines = [],
        public Shadow $shadow = new Shadow(),
        public Inline $inline = new Inline(),
        public SetInto $setInto = new SetInto(),
        public CutFrom $cutFrom = new CutFrom(),
    ) {
    }
}
