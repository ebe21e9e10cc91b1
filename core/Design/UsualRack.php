<?php

declare(strict_types=1);

namespace Uvret\Design;

/** A rack with nothing on it, or with films that are pressed as their finish usually is unless something else is given. */
final readonly class UsualRack implements Rack
{
    /**
     * @param list<Film>               $films
     * @param array<string, FilmPress> $presses by the ids of the films
     */
    public function __construct(
        private array $films = [],
        private array $presses = [],
    ) {
    }

    public function films(): array
    {
        return $this->films;
    }

    public function press(Film $film): FilmPress
    {
        return $this->presses[$film->id] ?? FilmPress::usual($film->finish);
    }
}
