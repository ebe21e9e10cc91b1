<?php

declare(strict_types=1);

namespace Uvret\Design;

use Uvret\Geometry\Unit;

/** A design: a blank with a placement, and what is put on it. All lengths are in µm. */
final readonly class Design
{
    /**
     * @param list<Film> $films bottom film first
     * @param list<Line> $lines in reading order
     * @param list<Form> $forms
     */
    public function __construct(
        public string $name,
        public Unit $unit,
        public Blank $blank,
        public array $films,
        public Stack $stack,
        public array $lines,
        public array $forms = [],
    ) {
    }

    public function film(string $id): Film
    {
        foreach ($this->films as $film) {
            if ($film->id === $id) {
                return $film;
            }
        }
        throw DesignException::unknownFilm('films', $id);
    }

    public function line(string $id): ?Line
    {
        foreach ($this->lines as $line) {
            if ($line->id === $id) {
                return $line;
            }
        }

        return null;
    }
}
