<?php

declare(strict_types=1);

namespace Uvret\Layout\Nest;

use Uvret\Geometry\Affine;
use Uvret\Geometry\Region;

/** Position of a frame: lower left corner of its outline, x across the film, y along it, in µm. */
final readonly class Place
{
    /** @param string $stock id of the roll, sheet or scrap */
    public function __construct(
        public Piece $piece,
        public int $turn,
        public int $x,
        public int $y,
        public string $stock = '',
    ) {
    }

    /** Its end along the film. */
    public function top(): int
    {
        return $this->y + $this->piece->height($this->turn);
    }

    public function lower(int $far): self
    {
        return 0 === $far ? $this : new self($this->piece, $this->turn, $this->x, $this->y - $far, $this->stock);
    }

    /** The exact frame. */
    public function region(): Region
    {
        return $this->piece->trueTurned($this->turn)->transform(Affine::move($this->x, $this->y));
    }

    /** The simplified outline. */
    public function outline(): Region
    {
        return $this->piece->turned($this->turn)->transform(Affine::move($this->x, $this->y));
    }

    /** Maps the original frame onto the film. */
    public function map(): Affine
    {
        return $this->piece->map($this->turn)->then(Affine::move($this->x, $this->y));
    }

    /**
     * Whether the frames of two places on one film overlap or are nearer to each other than the gap. Outlines contain their frames: only where
     * those are too near are the frames looked at.
     *
     * @param int $gap in µm
     */
    public function isNear(self $other, int $gap): bool
    {
        $near = static fn (Region $one, Region $beside): bool => $gap > 0 ? $one->distanceTo($beside) < $gap - 1 : $one->overlaps($beside);

        return $near($this->outline(), $other->outline()) && $near($this->region(), $other->region());
    }
}
