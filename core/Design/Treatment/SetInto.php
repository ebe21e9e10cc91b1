<?php

declare(strict_types=1);

namespace Uvret\Design\Treatment;

/** A knock-out. Lengths are in µm. */
final readonly class SetInto
{
    /**
     * @param string $card what it is knocked out of; empty for none
     * @param bool   $keep whether the inset is cut too, or only leaves its shape
     */
    public function __construct(
        public string $card,
        public int $clearance,
        public Corners $corner,
        public bool $keep,
    ) {
    }
}
