<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use Uvret\App\Entity\RackFilm;

/** The rack's cut settings and stock of a film. Lengths are in µm. */
final readonly class FilmSettings
{
    private function __construct(
        public int $blade = 45,
        public int $force = 90,
        public int $speed = 300,
        public int $passes = 1,
        public string $mat = 'none',
        public int $stock = 0,
        public float $price = 0.0,
        public string $testedOn = '',
        public bool $testedGood = false,
        /** @var list<int> the turns in which frames may lie, in degrees */
        public array $turns = [0, 90, 180, 270],
    ) {
    }

    /** @param RackFilm|null $film null if the film is not on the rack */
    public static function of(?RackFilm $film): self
    {
        $entry = null === $film ? [] : \json_decode($film->shop, true, 16, \JSON_THROW_ON_ERROR);
        $entry = \is_array($entry) ? $entry : [];
        $cut = \is_array($entry['cut'] ?? null) ? $entry['cut'] : [];
        $tested = \is_array($cut['tested'] ?? null) ? $cut['tested'] : [];
        $number = static fn (mixed $value, int $usual): int => \is_numeric($value) ? (int) $value : $usual;

        return new self(
            blade: $number($cut['blade'] ?? null, 45),
            force: $number($cut['force'] ?? null, 90),
            speed: $number($cut['speed'] ?? null, 300),
            passes: $number($cut['passes'] ?? null, 1),
            mat: \is_string($cut['mat'] ?? null) ? $cut['mat'] : 'none',
            stock: $number($entry['stock'] ?? null, 0),
            price: \is_numeric($entry['price'] ?? null) ? (float) $entry['price'] : 0.0,
            testedOn: \is_string($tested['on'] ?? null) ? $tested['on'] : '',
            testedGood: true === ($tested['good'] ?? false),
            turns: match ($entry['direction'] ?? 'any') {
                'lengthwise' => [0, 180],
                'one way' => [0],
                default => [0, 90, 180, 270],
            },
        );
    }
}
