<?php

declare(strict_types=1);

namespace Uvret\App\Layout;

use Doctrine\ORM\EntityManagerInterface;
use Uvret\App\Api\Shape\FilmSettings;
use Uvret\App\Api\Shape\ShopLayout;
use Uvret\App\Entity\FilmLayout;
use Uvret\App\Entity\RackFilm;
use Uvret\App\Entity\ShopUsage;
use Uvret\App\Repository\FilmLayouts;
use Uvret\Layout\Stock;

/** Stored layouts with their current pieces, films and settings. */
final readonly class OpenLayouts
{
    public function __construct(
        private EntityManagerInterface $entities,
        private FilmLayouts $layouts,
        private LayoutPieces $pieces,
    ) {
    }

    /** The layout of a film. */
    public function of(string $film): OpenLayout
    {
        return $this->open($this->layouts->get($film));
    }

    public function open(FilmLayout $layout): OpenLayout
    {
        $rack = $this->rack($layout);
        $pieces = $this->pieces->of($layout, $rack);
        if ([] === $pieces) {
            return new OpenLayout($layout, [], [], []);
        }
        [$main, $scraps] = $this->pieces->stocks($layout, $pieces[0]->sheet->film, $this->shop(), \count($pieces));
        $stocks = [...$scraps, ...$main];
        $ids = \array_map(static fn (Stock $stock): string => $stock->id, $stocks);

        return new OpenLayout($layout, $pieces, $stocks, LayoutPieces::places($layout, $pieces, $ids));
    }

    /** @return array<string, int> where the zone of each film begins on the mat, in µm; none if films are by themselves */
    public function zones(): array
    {
        return $this->shop()->mat->zones($this->zoneLengths());
    }

    /** @return array<string, int> their lengths */
    public function zoneLengths(): array
    {
        $lengths = [];
        foreach ($this->layouts->all() as $layout) {
            if ($layout->onMat) {
                $lengths[$layout->film] = $layout->result()['length'];
            }
        }

        return $lengths;
    }

    public function rack(FilmLayout $layout): FilmSettings
    {
        return FilmSettings::of($this->entities->find(RackFilm::class, $layout->film));
    }

    public function shop(): ShopLayout
    {
        return ShopLayout::of(($this->entities->find(ShopUsage::class, ShopUsage::ID) ?? new ShopUsage())->layout);
    }
}
