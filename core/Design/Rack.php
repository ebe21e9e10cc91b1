<?php

declare(strict_types=1);

namespace Uvret\Design;

/** The films that are at hand, and how each is pressed. */
interface Rack
{
    /** @return list<Film> in the shop's order */
    public function films(): array;

    /** A film that is not on the rack is pressed as films of its finish usually are. */
    public function press(Film $film): FilmPress;
}
