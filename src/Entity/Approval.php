<?php

declare(strict_types=1);

namespace Uvret\App\Entity;

use Doctrine\ORM\Mapping as ORM;

/** Who approved which step of a design, and when; step 0 when nobody did. */
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
    ) {
    }
}
