<?php

declare(strict_types=1);

namespace Uvret\App\Entity;

use Doctrine\ORM\Mapping as ORM;

/** A blank of the shop with its fabrics, sizes and placements, as JSON. */
#[ORM\Entity]
class ShopBlank
{
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 40)]
        public readonly string $id,
        #[ORM\Column]
        public int $position,
        #[ORM\Column(type: 'text')]
        public string $blank,
        #[ORM\Column(type: 'integer', options: ['default' => 1])]
        #[ORM\Version]
        public int $version = 1,
    ) {
    }
}
