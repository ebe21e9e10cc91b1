<?php

declare(strict_types=1);

namespace Uvret\Design\Treatment;

use Uvret\Design\Reading\ListOf;

/** What is done to the shape of a card. */
final readonly class Treatments
{
    /**
     * @param string        $group    cards of one group keep their places to each other
     * @param list<Erasure> $erased
     * @param list<Rim>     $outlines from the inside out
     */
    public function __construct(
        public string $group,
        #[ListOf(Erasure::class)]
        public array $erased,
        public Copies $copies,
        #[ListOf(Rim::class)]
        public array $outlines,
        public Shadow $shadow,
        public Inline $inline,
        public SetInto $setInto,
        public CutFrom $cutFrom,
    ) {
    }
}
