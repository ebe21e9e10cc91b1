<?php

declare(strict_types=1);

namespace Uvret\Snags;

/** Something that will go wrong at the cutter, the weeding table or the press, and its cure. */
final readonly class Snag
{
    /**
     * @param int|null      $x     where, in the composition's coordinates (µm, y up); null when it has no place
     * @param list<SnagFix> $fixes one-click cures
     */
    public function __construct(
        public SnagKind $kind,
        public string $message,
        public string $cure,
        public ?string $card = null,
        public ?string $film = null,
        public ?int $x = null,
        public ?int $y = null,
        public array $fixes = [],
    ) {
    }
}
