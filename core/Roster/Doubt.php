<?php

declare(strict_types=1);

namespace Uvret\Roster;

/** Something in a list that may be wrong; it is told and never changed. */
final readonly class Doubt
{
    public function __construct(
        /** The person's id. */
        public string $person,
        public string $column,
        public string $message,
    ) {
    }
}
