<?php

declare(strict_types=1);

namespace Uvret\App\Entity;

use Doctrine\ORM\Mapping as ORM;
use Uvret\Geometry\Unit;

/** The shop's settings and defaults for new designs. A single row. */
#[ORM\Entity]
class ShopUsage
{
    public const ID = 'shop';

    /** @param string $layering default layering as in a design document, as JSON */
    public function __construct(
        #[ORM\Column(type: 'text')]
        public string $layering = '{}',
        #[ORM\Id]
        #[ORM\Column(length: 40)]
        public readonly string $id = self::ID,
        #[ORM\Column(type: 'integer', options: ['default' => 1])]
        #[ORM\Version]
        public int $version = 1,
        /** Name of the shop on its papers. */
        #[ORM\Column(length: 80, options: ['default' => ''])]
        public string $name = '',
        /** Unit of new designs. */
        #[ORM\Column(length: 2, enumType: Unit::class, options: ['default' => 'mm'])]
        public Unit $unit = Unit::Millimetre,
        /** Weeding times that differ from the defaults, as JSON. */
        #[ORM\Column(type: 'text', options: ['default' => '{}'])]
        public string $weeding = '{}',
        /** Whether the cutter compensates for the blade offset itself. */
        #[ORM\Column(options: ['default' => false])]
        public bool $compensates = false,
        /** Layout settings that differ from the defaults, as JSON. */
        #[ORM\Column(type: 'text', options: ['default' => '{}'])]
        public string $layout = '{}',
        /** Presses and section overlap that differ from the defaults, as JSON. */
        #[ORM\Column(type: 'text', options: ['default' => '{}'])]
        public string $press = '{}',
        /** Hourly rate; 0 if none is set. */
        #[ORM\Column(options: ['default' => 0])]
        public float $rate = 0.0,
    ) {
    }
}
