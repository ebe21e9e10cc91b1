<?php

declare(strict_types=1);

namespace Uvret\App\Entity;

use Doctrine\ORM\Mapping as ORM;
use Uvret\Roster\Person;
use Uvret\Roster\Roster;

/** Who approved which step of a design, and when; step 0 if no one did. */
#[ORM\Embeddable]
final class Approval
{
    public function __construct(
        #[ORM\Column(options: ['default' => 0])]
        public int $step = 0,
        #[ORM\Column(length: 80, nullable: true)]
        public ?string $by = null,
        #[ORM\Column(type: 'datetime_immutable', nullable: true)]
        public ?\DateTimeImmutable $at = null,
        /** Digests of the approved people of the job's list by id, as JSON. */
        #[ORM\Column(type: 'text', options: ['default' => '{}'])]
        public string $list = '{}',
    ) {
    }

    /** Whether a person's row was changed or added since. */
    public function isChanged(Person $person): bool
    {
        /** @var array<string, string> $list */
        $list = (array) \json_decode($this->list, true, 4, \JSON_THROW_ON_ERROR);

        return $this->step > 0 && ($list[$person->id] ?? '') !== $person->digest();
    }

    public static function listOf(Roster $roster): string
    {
        $digests = [];
        foreach ($roster->people as $person) {
            $digests[$person->id] = $person->digest();
        }

        return \json_encode((object) $digests, \JSON_THROW_ON_ERROR);
    }
}
