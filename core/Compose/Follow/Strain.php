<?php

declare(strict_types=1);

namespace Uvret\Compose\Follow;

use Uvret\Design\Derived;

/** A misfit between a line and its path. Lengths are in µm. */
final readonly class Strain
{
    use Derived;

    /**
     * @param int      $by      excess length, height or width
     * @param int|null $height  cap height that would fit
     * @param int|null $spacing letter spacing that would fit, in thousandths of the em
     * @param string   $letters the letters concerned
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
