<?php

declare(strict_types=1);

namespace Uvret\App\Api;

use Uvret\Plan\Plan;

/** A stored document completed with its defaults, and its plan. */
final readonly class Draft
{
    public function __construct(
        public \stdClass $document,
        public Plan $plan,
    ) {
    }
}
