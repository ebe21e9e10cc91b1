<?php

declare(strict_types=1);

namespace Uvret\Design;

/** How large a line is, by its ink. */
final readonly class Size
{
    use Derived;

    /**
     * @param int   $length  in µm
     * @param int   $high    the height in µm, where it has both a width and a height
     * @param float $share   in percent of a circle, where it takes that much of it
     * @param float $turns   how many turns of its spiral it takes, where it is sized by them
     * @param float $stretch the width in percent of what the font's proportions give
     */
    public function __construct(
        public SizeBy $by,
        public int $length,
        public int $high,
        public float $share,
        public float $turns,
        public float $stretch,
    ) {
    }

    public function measuring(SizeBy $by, int $length): self
    {
        return $this->derive(['by' => $by, 'length' => $length]);
    }

    public function stretchedTo(float $stretch): self
    {
        return $this->derive(['stretch' => $stretch]);
    }
}
