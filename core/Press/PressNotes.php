<?php

declare(strict_types=1);

namespace Uvret\Press;

/** Additional information on a press card. */
final readonly class PressNotes
{
    /**
     * @param list<PressRow> $rows  people in list order; empty if all pieces are the same
     * @param bool           $sheet whether the pages are US letter instead of A4
     */
    public function __construct(
        public string $job,
        public string $customer,
        public string $due,
        public int $pieces,
        public array $rows = [],
        public bool $sheet = false,
    ) {
    }
}
