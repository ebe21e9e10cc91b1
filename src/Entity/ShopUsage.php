<?php

declare(strict_types=1);

namespace Uvret\App\Entity;

use Doctrine\ORM\Mapping as ORM;
use Uvret\Geometry\Unit;

/** What the shop usually does, and new designs start with. There is one of it. */
#[ORM\Entity]
class ShopUsage
{
    public const ID = 'shop';

    /** @param string $layering how films are put on one another, as in a design document, as JSON */
    public function __construct(
        #[ORM\Column(type: 'text')]
        public string $layering = '{}',
        #[ORM\Id]
        #[ORM\Column(length: 40)]
        public readonly string $id = self::ID,
        #[ORM\Column(type: 'integer', options: ['default' => 1])]
        #[ORM\Version]
        public int $version = 1,
        /** What the shop is called on its papers. */
        #[ORM\Column(length: 80, options: ['default' => ''])]
        public string $name = '',
        /** The unit that new designs are measured in. */
        #[ORM\Column(length: 2, enumType: Unit::class, options: ['default' => 'mm'])]
        public Unit $unit = Unit::Millimetre,
        /** How quick its hands are at weeding, as JSON: what is otherwise than usual. */
        #[ORM\Column(type: 'text', options: ['default' => '{}'])]
        public string $weeding = '{}',
        /** Whether the cutter makes up for the blade’s offset by itself. */
        #[ORM\Column(options: ['default' => false])]
        public bool $compensates = false,
        /** How it lays layers out on film, as JSON: what is otherwise than usual. */
        #[ORM\Column(type: 'text', options: ['default' => '{}'])]
        public string $layout = '{}',
        /** Its presses and how far their sections overlap, as JSON: what is otherwise than usual. */
        #[ORM\Column(type: 'text', options: ['default' => '{}'])]
        public string $press = '{}',
        /** What an hour of its work costs; 0 where it is not reckoned with. */
        #[ORM\Column(options: ['default' => 0])]
        public float $rate = 0.0,
    ) {
    }
}
