<?php

declare(strict_types=1);

namespace Uvret\App\Rack;

use Doctrine\ORM\EntityManagerInterface;
use Uvret\App\Entity\RackFilm;
use Uvret\Design\Film;
use Uvret\Design\FilmPress;
use Uvret\Design\Rack;
use Uvret\Design\RackFilmReader;

/** The film rack of the shop. */
final readonly class ShopRack implements Rack
{
    public function __construct(
        private EntityManagerInterface $entities,
        private RackFilmReader $reader,
    ) {
    }

    public function films(): array
    {
        $films = [];
        foreach ($this->entities->getRepository(RackFilm::class)->findBy([], ['position' => 'ASC']) as $rack) {
            $entry = $rack->entry();
            $this->reader->check($entry);
            \assert(isset($entry->film) && $entry->film instanceof \stdClass);
            $films[] = Film::read($entry->film);
        }

        return $films;
    }

    public function press(Film $film): FilmPress
    {
        $entry = $this->entities->find(RackFilm::class, $film->id)?->entry();

        return isset($entry->press) ? FilmPress::read($entry->press) : FilmPress::usual($film->finish);
    }
}
