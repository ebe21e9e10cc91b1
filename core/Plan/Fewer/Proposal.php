<?php

declare(strict_types=1);

namespace Uvret\Plan\Fewer;

use Uvret\Plan\Plan;

/** A design with fewer films, beside the one that it comes from. */
final readonly class Proposal
{
    /**
     * @param string $say      what is done, in words
     * @param object $document the design's document, decoded JSON with objects as stdClass
     */
    public function __construct(
        public string $say,
        public object $document,
        public Plan $plan,
    ) {
    }

    /** How many films less. */
    public function filmsSaved(Plan $plan): int
    {
        return \count($plan->separation->layers) - \count($this->plan->separation->layers);
    }
}
