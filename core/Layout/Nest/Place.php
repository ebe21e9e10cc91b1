<?php

declare(strict_types=1);

namespace Uvret\Layout\Nest;

use Uvret\Geometry\Affine;
use Uvret\Geometry\Region;

/** Where a frame lies: the left bottom corner of its box, across the film and along it, in µm. */
final readonly class Place
{
    public function __construct(
        public Piece $piece,
        public int $turn,
        public int $x,
        public int $y,
    ) {
    }

    /** Where it ends along the film. */
    public function top(): int
    {
        return $this->y + ($this->piece->turned($this->turn)->bounds()->top ?? 0);
    }

    public function lower(int $far): self
    {
        return new self($this->piece, $this->turn, $this->x, $this->y - $far);
    }

    /** The true frame. */
    public function region(): Region
    {
        return $this->piece->trueTurned($this->turn)->transform(Affine::move($this->x, $this->y));
    }

    /** What was laid out for it. */
    public function outline(): Region
    {
        return $this->piece->turned($this->turn)->transform(Affine::move($this->x, $this->y));
    }
}
