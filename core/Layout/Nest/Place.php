<?php

declare(strict_types=1);

namespace Uvret\Layout\Nest;

use Uvret\Geometry\Affine;
use Uvret\Geometry\Region;

/** Position of a frame: lower left corner of its outline, x across the film, y along it, in µm. */
final readonly class Place
{
    public function __construct(
        public Piece $piece,
        public int $turn,
        public int $x,
        public int $y,
    ) {
    }

    /** Its end along the film. */
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

    /** The simplified outline. */
    public function outline(): Region
    {
        return $this->piece->turned($this->turn)->transform(Affine::move($this->x, $this->y));
    }
}
