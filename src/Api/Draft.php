<?php

declare(strict_types=1);

namespace Uvret\App\Api;

use Uvret\Plan\Plan;

/** A stored document, complete with all its defaults, and what was worked out from it. */
final readonly class Draft
{
    public function __construct(
        public \stdClass $document,
        public Plan $plan,
    ) {
    }
}
