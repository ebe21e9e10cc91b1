<?php

declare(strict_types=1);

namespace Uvret\App\Jobs;

use Doctrine\ORM\EntityManagerInterface;
use Uvret\App\Api\DraftReader;
use Uvret\App\Api\Shape\BadRequest;
use Uvret\App\Entity\RackFilm;
use Uvret\App\Entity\ShopBlank;
use Uvret\App\Entity\ShopUsage;
use Uvret\Design\Upgrade\Upgrades;

/** The document of a design with nothing on its blank yet. */
final readonly class EmptyDesign
{
    public function __construct(
        private EntityManagerInterface $entities,
        private DraftReader $drafts,
    ) {
    }

    /**
     * @param string $placement its first one when left empty
     *
     * @return array{document: string, blank: string, size: string}
     *
     * @throws BadRequest if the shop has no such blank or placement
     */
    public function on(string $blankId, string $placement = ''): array
    {
        $entry = $this->entities->find(ShopBlank::class, $blankId) ?? throw BadRequest::field('blank', 'The shop has no such blank. Choose another.');
        /**
         * @var object{
         *     id: string, name: string, drawing: string, fabrics: list<object>,
         *     sizes: list<object{size: string, width: int, height?: int, keepOff?: list<object>, placements: list<object{id: string, name: string}>}>,
         * } $blank
         */
        $blank = \json_decode($entry->blank, false, 64, \JSON_THROW_ON_ERROR);
        $size = $blank->sizes[\intdiv(\count($blank->sizes), 2)];
        $place = $size->placements[0];
        foreach ($size->placements as $candidate) {
            $place = $candidate->id === $placement ? $candidate : $place;
        }
        $film = $this->entities->getRepository(RackFilm::class)
            ->findOneBy([], ['position' => 'ASC'])
            ?? throw BadRequest::field('blank', 'The film rack is empty: put a film on it first.');
        $usage = $this->entities->find(ShopUsage::class, ShopUsage::ID) ?? new ShopUsage();
        $document = $this->drafts->encode((object) [
            'uvret' => Upgrades::LATEST,
            'name' => $place->name,
            'unit' => $usage->unit->value,
            'blank' => [
                'id' => $blank->id,
                'name' => $blank->name,
                'drawing' => $blank->drawing,
                'size' => $size->size,
                'width' => $size->width,
                'height' => $size->height ?? 0,
                'keepOff' => $size->keepOff ?? [],
                'fabric' => $blank->fabrics[0],
                'placement' => $place,
            ],
            'films' => [\json_decode($film->film, false, 8, \JSON_THROW_ON_ERROR)],
            'stack' => 'middle',
            'lines' => [],
            'layering' => \json_decode($usage->layering, false, 8, \JSON_THROW_ON_ERROR),
        ]);

        return ['document' => $document, 'blank' => $blank->name, 'size' => $size->size];
    }
}
