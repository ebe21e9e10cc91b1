<?php

declare(strict_types=1);

namespace Uvret\Compose\Follow;

use Uvret\Design\Derived;

/** Where a line does not go well with what it follows. Lengths are in µm. */
final readonly class Strain
{
    use Derived;

    /**
     * @param int      $by      how much too long, too high or too wide it is
     * @param int|null $height  letters H of this height would do
     * @param int|null $spacing letter spacing that would fit, in thousandths of the em
     * @param string   $letters those that it is about
     * @param int      $x       where
     */
    public function __construct(
        public StrainKind $kind,
        public int $by,
        public ?int $height,
        public ?int $spacing,
        public string $letters,
        public int $x,
        public int $y,
    ) {
    }

    public function moved(int $dx, int $dy): self
    {
        return $this->derive(['x' => $this->x + $dx, 'y' => $this->y + $dy]);
    }
}
