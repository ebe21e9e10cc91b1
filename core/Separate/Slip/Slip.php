<?php

declare(strict_types=1);

namespace Uvret\Separate\Slip;

use Uvret\Geometry\Region;

/** Faults that show when a film is pressed off register. Lengths are in µm. */
final readonly class Slip
{
    /**
     * @param string $film   the film that slipped
     * @param int    $dx     offset to the right
     * @param int    $dy     offset up
     * @param Region $bare   where the blank shows between films
     * @param Region $wrong  where film shows that belongs beneath another
     * @param int    $widest width of the widest fault
     */
    public function __construct(
        public string $film,
        public int $dx,
        public int $dy,
        public Region $bare,
        public Region $wrong,
        public int $widest,
    ) {
    }

    /** The trap that would hide the blank, in µm; 0 if it is hidden already. */
    public function needs(): int
    {
        return $this->bare->isEmpty() ? 0 : (int) (\ceil(\hypot($this->dx, $this->dy) / 100) * 100);
    }

    /** Total area of faults, in µm². */
    public function area(): float
    {
        return $this->bare->area() + $this->wrong->area();
    }
}
