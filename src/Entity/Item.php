<?php

declare(strict_types=1);

namespace Uvret\App\Entity;

use Doctrine\ORM\Mapping as ORM;

/** An item to press: quantity of a blank in one size. */
#[ORM\Entity]
class Item
{
    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column]
    public ?int $id = null;

    public function __construct(
        #[ORM\ManyToOne(inversedBy: 'items')]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public readonly Job $job,
        #[ORM\Column]
        public int $position,
        #[ORM\Column(length: 80)]
        public string $blank,
        #[ORM\Column(length: 20)]
        public string $size,
        #[ORM\Column]
        public int $quantity,
    ) {
    }
}
