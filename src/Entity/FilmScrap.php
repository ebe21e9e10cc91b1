<?php

declare(strict_types=1);

namespace Uvret\App\Entity;

use Doctrine\ORM\Mapping as ORM;
use Uvret\Geometry\Region;

/** A scrap of film: on the rack, or left over by a cut and offered. */
#[ORM\Entity]
#[ORM\Index(name: 'IDX_scrap_film', columns: ['film'])]
class FilmScrap
{
    /** @param string $outline rings as flat lists of µm, as JSON: x across the film, y along it */
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 40)]
        public readonly string $id,
        #[ORM\Column(length: 40)]
        public readonly string $film,
        #[ORM\Column(type: 'text')]
        public readonly string $outline,
        #[ORM\Column]
        public bool $offered,
        #[ORM\Column(type: 'datetime_immutable')]
        public readonly \DateTimeImmutable $madeAt,
    ) {
    }

    public function region(): Region
    {
        /** @var list<list<int>> $rings */
        $rings = \json_decode($this->outline, true, 4, \JSON_THROW_ON_ERROR);

        return Region::fromRings($rings);
    }
}
