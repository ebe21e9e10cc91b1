<?php

declare(strict_types=1);

namespace Uvret\Separate\Slip;

use Uvret\Geometry\Region;

/** What shows wrongly when a film is pressed beside its place. Lengths are in µm. */
final readonly class Slip
{
    /**
     * @param string $film   the film that slipped
     * @param int    $dx     how far to the right
     * @param int    $dy     how far up
     * @param Region $bare   where the blank shows between films
     * @param Region $wrong  where a film shows that belongs beneath another
     * @param int    $widest the widest of those places
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

    /** The trap by which the blank would not show between films, in µm; 0 where it does not. */
    public function needs(): int
    {
        return $this->bare->isEmpty() ? 0 : (int) (\ceil(\hypot($this->dx, $this->dy) / 100) * 100);
    }

    /** Of all that shows wrongly, in µm². */
    public function area(): float
    {
        return $this->bare->area() + $this->wrong->area();
    }
}
