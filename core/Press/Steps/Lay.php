<?php

declare(strict_types=1);

namespace Uvret\Press\Steps;

use Uvret\Design\Film;
use Uvret\Design\FilmPress;
use Uvret\Geometry\Region;
use Uvret\Press\PressException;

/** A film that is to be pressed: how, and where it lies. */
final readonly class Lay
{
    /** How far a carrier reaches beyond its film, in µm. */
    private const CARRIER = 6_000;

    public function __construct(
        public Film $film,
        public FilmPress $press,
        public Region $region,
    ) {
    }

    /** Whether one of them lies on the other, so that their order is given. */
    public function meets(self $other): bool
    {
        return $this->region->overlaps($other->region);
    }

    /** Whether both can lie on the blank at once, and the press is set the same for both. */
    public function goesWith(self $other): bool
    {
        $box = $this->region->bounds()?->grown(2 * self::CARRIER);
        $others = $other->region->bounds();

        return $this->press == $other->press && !$this->film->finish->comesLast() && null !== $box && null !== $others && !$box->overlaps($others);
    }

    /** @throws PressException if the fabric does not stand what the film needs */
    public function check(int $highest, string $fabric): void
    {
        if ($this->press->least() > $highest) {
            throw PressException::fabric($this->film, $this->press->temperature, $fabric, $highest);
        }
    }
}
