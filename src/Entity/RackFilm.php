<?php

declare(strict_types=1);

namespace Uvret\App\Entity;

use Doctrine\ORM\Mapping as ORM;

/** A film on the shop's rack. */
#[ORM\Entity]
class RackFilm
{
    /**
     * @param string $film its entry in a design document, as JSON
     * @param string $shop the shop's part: price, stock, cutter and press settings, as JSON
     */
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 40)]
        public readonly string $id,
        #[ORM\Column]
        public int $position,
        #[ORM\Column(type: 'text')]
        public string $film,
        #[ORM\Column(type: 'text', options: ['default' => '{}'])]
        public string $shop = '{}',
        #[ORM\Column(type: 'integer', options: ['default' => 1])]
        #[ORM\Version]
        public int $version = 1,
    ) {
    }

    /** The whole entry, decoded with objects as stdClass. */
    public function entry(): object
    {
        $entry = \json_decode($this->shop, false, 16, \JSON_THROW_ON_ERROR);
        \assert($entry instanceof \stdClass);
        $entry->film = \json_decode($this->film, false, 16, \JSON_THROW_ON_ERROR);

        return $entry;
    }

    /** @param object $entry complete and checked */
    public function take(object $entry): void
    {
        $shop = \get_object_vars($entry);
        $this->film = self::json($shop['film']);
        unset($shop['film']);
        $this->shop = self::json((object) $shop);
    }

    private static function json(mixed $value): string
    {
        return \json_encode($value, \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR);
    }
}
