<?php

declare(strict_types=1);

namespace Uvret\Press;

/** A person, or a run of equal pieces, on the press card's list. */
final readonly class PressRow
{
    /** @param array<string, list<int>> $numbers numbers beside the pieces, by film; empty until cut or laid out */
    public function __construct(
        public string $name,
        public string $about,
        public array $numbers,
        public bool $pressed = false,
    ) {
    }
}
