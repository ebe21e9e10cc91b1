<?php

declare(strict_types=1);

namespace Uvret\Artwork;

/** What was read from a picture: its colours, each with all that is seen of it. */
final readonly class Artwork
{
    /**
     * @param list<ColourPart> $parts in the order in which the colours first appear
     * @param list<string>     $notes what was left out, in sentences
     */
    public function __construct(
        public array $parts,
        public array $notes,
    ) {
    }
}
