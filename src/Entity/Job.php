<?php

declare(strict_types=1);

namespace Uvret\App\Entity;

use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\ORM\Mapping as ORM;

/** One customer's order: a due date, items, designs. */
#[ORM\Entity]
class Job
{
    /** @var Collection<int, Item> */
    #[ORM\OneToMany(targetEntity: Item::class, mappedBy: 'job', cascade: ['persist', 'remove'], orphanRemoval: true)]
    #[ORM\OrderBy(['position' => 'ASC'])]
    public Collection $items;

    /** @var Collection<int, JobDesign> */
    #[ORM\OneToMany(targetEntity: JobDesign::class, mappedBy: 'job', cascade: ['persist', 'remove'], orphanRemoval: true)]
    #[ORM\OrderBy(['position' => 'ASC'])]
    public Collection $designs;

    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 60)]
        public readonly string $id,
        #[ORM\Column(length: 120)]
        public string $title,
        #[ORM\Column(length: 120)]
        public string $customer,
        /** Like 2027-06-04; text, so that an invalid date breaks no other job. */
        #[ORM\Column(length: 10, options: ['default' => ''])]
        public string $due,
        #[ORM\Column(length: 20, enumType: JobState::class)]
        public JobState $state,
        /** When it was archived; null while it is on the rail. */
        #[ORM\Column(type: 'datetime_immutable', nullable: true)]
        public ?\DateTimeImmutable $archivedAt = null,
        /** Increases with every change of the sheet; kept by Jobs. */
        #[ORM\Column(options: ['default' => 1])]
        public int $version = 1,
        /** Price of the whole job; 0 if none is agreed. */
        #[ORM\Column(options: ['default' => 0])]
        public float $price = 0.0,
    ) {
        $this->items = new ArrayCollection();
        $this->designs = new ArrayCollection();
    }

    /** @return list<JobDesign> those not removed */
    public function currentDesigns(): array
    {
        return \array_values($this->designs->filter(static fn (JobDesign $design): bool => null === $design->removedAt)->toArray());
    }

    public function quantity(): int
    {
        return \array_sum($this->items->map(static fn (Item $item): int => $item->quantity)->toArray());
    }
}
