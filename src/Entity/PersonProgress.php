<?php

declare(strict_types=1);

namespace Uvret\App\Entity;

use Doctrine\ORM\Mapping as ORM;

/** State of a person's pieces, or of one of several identical pieces; absent while nothing is cut. */
#[ORM\Entity]
class PersonProgress
{
    public function __construct(
        #[ORM\Id]
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public readonly Job $job,
        #[ORM\Id]
        #[ORM\Column(length: 100)]
        public readonly string $person,
        #[ORM\Column(length: 20, enumType: PersonState::class)]
        public PersonState $state,
        #[ORM\Column(type: 'datetime_immutable')]
        public \DateTimeImmutable $at,
    ) {
    }
}
