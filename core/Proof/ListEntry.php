<?php

declare(strict_types=1);

namespace Uvret\Proof;

use Uvret\Roster\PersonPicture;

/** A person on the proof of a list. */
final readonly class ListEntry
{
    /**
     * @param PersonPicture|null $picture null if nothing can be made
     * @param string             $name    spelled out as it is typed
     * @param string             $about   number, size and the like
     * @param string             $mark    what the customer should see, like “changed since approval”; empty if there is nothing
     */
    public function __construct(
        public ?PersonPicture $picture,
        public string $name,
        public string $about,
        public string $mark = '',
    ) {
    }
}
