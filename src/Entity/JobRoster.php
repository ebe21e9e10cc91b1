<?php

declare(strict_types=1);

namespace Uvret\App\Entity;

use Doctrine\ORM\Mapping as ORM;
use Uvret\Roster\Roster;

/** A job's list of names. */
#[ORM\Entity]
class JobRoster
{
    public function __construct(
        #[ORM\Id]
        #[ORM\OneToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public readonly Job $job,
        #[ORM\Column(type: 'text')]
        public string $document,
        /** Increases with every change; kept by Rosters. */
        #[ORM\Column(options: ['default' => 1])]
        public int $version = 1,
    ) {
    }

    public function roster(): Roster
    {
        return Roster::fromDocument(\json_decode($this->document, false, 64, \JSON_THROW_ON_ERROR));
    }
}
