<?php

declare(strict_types=1);

namespace Uvret\Press;

use Uvret\Geometry\Region;

/** Position of the platen for one press. Lengths are in µm, in the coordinates of the composition. */
final readonly class Section
{
    /**
     * @param int   $x    of the platen's middle
     * @param float $turn of the platen, in degrees anticlockwise
     * @param bool  $cuts whether a platen edge unavoidably crosses a letter
     */
    public function __construct(
        public int $x,
        public int $y,
        public int $width,
        public int $height,
        public float $turn = 0.0,
        public bool $cuts = false,
    ) {
    }

    public function moved(int $dx, int $dy): self
    {
        return new self($this->x + $dx, $this->y + $dy, $this->width, $this->height, $this->turn, $this->cuts);
    }

    /** @return list<array{int, int}> the platen's corners, anticlockwise */
    public function corners(): array
    {
        [$cos, $sin] = [\cos(\deg2rad($this->turn)), \sin(\deg2rad($this->turn))];
        $corners = [];
        foreach ([[-1, -1], [1, -1], [1, 1], [-1, 1]] as [$right, $up]) {
            [$x, $y] = [$right * $this->width / 2, $up * $this->height / 2];
            $corners[] = [(int) \round($this->x + $x * $cos - $y * $sin), (int) \round($this->y + $x * $sin + $y * $cos)];
        }

        return $corners;
    }

    public function region(): Region
    {
        return Region::fromRings([\array_merge(...$this->corners())]);
    }
}
