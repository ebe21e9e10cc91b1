<?php

declare(strict_types=1);

namespace Uvret\App\Entity;

use Doctrine\ORM\Mapping as ORM;

/**
 * A design of a job: its document as text, a version that increases with every change, and its current
 * history step.
 */
#[ORM\Entity]
class JobDesign
{
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 60)]
        public readonly string $id,
        #[ORM\ManyToOne(inversedBy: 'designs')]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public readonly Job $job,
        #[ORM\Column]
        public int $position,
        #[ORM\Column(type: 'text')]
        public string $document,
        #[ORM\Column(type: 'datetime_immutable')]
        public \DateTimeImmutable $savedAt,
        #[ORM\Column(type: 'integer')]
        #[ORM\Version]
        public int $version = 1,
        #[ORM\Column(options: ['default' => 0])]
        public int $step = 0,
        /** When it was removed from its job; it can be restored. */
        #[ORM\Column(type: 'datetime_immutable', nullable: true)]
        public ?\DateTimeImmutable $removedAt = null,
        #[ORM\Embedded]
        public ?Approval $approval = null,
    ) {
        $this->approval ??= new Approval();
    }

    /** The customer's approval; null if there is none. */
    public function approved(): ?Approval
    {
        return null !== $this->approval && $this->approval->step > 0 ? $this->approval : null;
    }
}
