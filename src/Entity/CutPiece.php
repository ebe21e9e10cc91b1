<?php

declare(strict_types=1);

namespace Uvret\App\Entity;

use Doctrine\ORM\Mapping as ORM;

/** A piece cut from a layout, with the number cut beside it. */
#[ORM\Entity]
#[ORM\Index(name: 'cut_piece_design', columns: ['design', 'person'])]
class CutPiece
{
    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column]
    public ?int $id = null;

    /** @param string $person its owner; empty if all copies are the same */
    public function __construct(
        #[ORM\Column(length: 60)]
        public readonly string $design,
        #[ORM\Column(length: 40)]
        public readonly string $person,
        #[ORM\Column(length: 40)]
        public readonly string $film,
        #[ORM\Column]
        public readonly int $number,
        #[ORM\Column(type: 'datetime_immutable')]
        public readonly \DateTimeImmutable $cutAt,
    ) {
    }
}
