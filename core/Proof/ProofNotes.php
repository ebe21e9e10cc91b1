<?php

declare(strict_types=1);

namespace Uvret\Proof;

/** What a proof says beside what was worked out from the design. */
final readonly class ProofNotes
{
    /** @param string|null $approved by whom and when it was approved, in words; null while it is not */
    public function __construct(
        public string $job,
        public string $customer,
        public int $version,
        public string $day,
        public ?string $approved,
    ) {
    }
}
