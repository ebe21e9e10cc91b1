<?php

declare(strict_types=1);

namespace Uvret\App\Layout;

use Uvret\App\Entity\FilmLayout;
use Uvret\Cut\CutSheet;
use Uvret\Geometry\Box;
use Uvret\Layout\JoinedSheets;
use Uvret\Layout\Nest\FilmUse;
use Uvret\Layout\Nest\Nested;
use Uvret\Layout\Nest\Place;
use Uvret\Layout\Numbers;
use Uvret\Layout\Stock;

/** A stored layout with its pieces from the current designs. */
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

    /** The use of one film; null if it is empty. Sheets and scraps are loaded whole. */
    public function on(string $stock): ?FilmUse
    {
        $on = \array_values(\array_filter($this->places, static fn (Place $place): bool => $place->stock === $stock));

        $use = (new Nested($on, $this->stocks))->films()[0] ?? null;

        return null === $use || $use->stock->isRoll ? $use : new FilmUse($use->stock, $use->stock->outline, $use->places);
    }

    /**
     * Everything on one film, as one sheet.
     *
     * @param bool $numbers whether to cut each piece's number into the waste beside it
     */
    public function sheet(FilmUse $use, bool $numbers): CutSheet
    {
        $box = $use->film->bounds() ?? throw new \LogicException('A film has an area.');
        $sheets = $rooms = [];
        foreach ($this->pieces as $piece) {
            $place = $this->places["$piece->item $piece->copy"] ?? null;
            if ($use->stock->id !== $place?->stock) {
                continue;
            }
            $sheet = $piece->sheet;
            if ($numbers) {
                $digits = \strlen((string) $piece->number);
                $rooms["$piece->layer $digits"] ??= Numbers::place($sheet, $digits) ?? false;
                $room = $rooms["$piece->layer $digits"];
                $sheet = false === $room ? $sheet : $sheet->with(Numbers::lines($piece->number, $room));
            }
            $sheets[] = [$sheet, $place->map()];
        }

        if ([] === $sheets) {
            throw new \LogicException('Something lies on a film in use.');
        }

        return JoinedSheets::of($sheets, new Box(0, 0, $box->right, $box->top));
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

        $isStale = static fn (LaidPiece $piece): bool => ($laid["$piece->item $piece->copy"] ?? null) !== $piece->layer;

        return \array_keys(\array_filter($this->byCopy(), $isStale));
    }
}
