<?php

declare(strict_types=1);

namespace Uvret\App\Entity;

use Doctrine\ORM\Mapping as ORM;

/** A film on the shop's rack: its entry in a design document, as JSON. */
#[ORM\Entity]
class RackFilm
{
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 40)]
        public readonly string $id,
        #[ORM\Column]
        public int $position,
        #[ORM\Column(type: 'text')]
        public string $film,
    ) {
    }
}
