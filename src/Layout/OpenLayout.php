<?php

declare(strict_types=1);

namespace Uvret\App\Layout;

use Uvret\App\Entity\FilmLayout;
use Uvret\Layout\Nest\Place;
use Uvret\Layout\Stock;

/** A stored layout with its pieces as the designs are now. */
final readonly class OpenLayout
{
    /**
     * @param list<LaidPiece>      $pieces
     * @param list<Stock>          $stocks scraps, and the roll last
     * @param array<string, Place> $places by item and copy
     */
    public function __construct(
        public FilmLayout $layout,
        public array $pieces,
        public array $stocks,
        public array $places,
    ) {
    }

    /** @return array<string, LaidPiece> by item and copy */
    public function byCopy(): array
    {
        $pieces = [];
        foreach ($this->pieces as $piece) {
            $pieces["$piece->item $piece->copy"] = $piece;
        }

        return $pieces;
    }

    public function stock(string $id): ?Stock
    {
        foreach ($this->stocks as $stock) {
            if ($stock->id === $id) {
                return $stock;
            }
        }

        return null;
    }

    /** @return list<string> pieces whose design has changed since they were laid, by item and copy, and those that are not laid yet */
    public function stale(): array
    {
        $laid = [];
        foreach ($this->layout->places() as $place) {
            $laid["{$place['item']} {$place['copy']}"] = $place['layer'];
        }

        return \array_keys(\array_filter($this->byCopy(), static fn (LaidPiece $piece): bool => ($laid["$piece->item $piece->copy"] ?? null) !== $piece->layer));
    }
}
