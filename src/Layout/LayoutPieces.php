<?php

declare(strict_types=1);

namespace Uvret\App\Layout;

use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Uvret\App\Api\Shape\FilmSettings;
use Uvret\App\Api\Shape\ShopLayout;
use Uvret\App\Entity\FilmLayout;
use Uvret\App\Names\PeopleSheets;
use Uvret\App\Repository\FilmScraps;
use Uvret\App\Repository\JobDesigns;
use Uvret\Cut\CutSheet;
use Uvret\Design\Film;
use Uvret\Layout\Nest\Nested;
use Uvret\Layout\Nest\Piece;
use Uvret\Layout\Nest\Place;
use Uvret\Layout\Stock;
use Uvret\Layout\StockException;

/** Loads a stored layout: pieces from the current designs, films, and places. */
final readonly class LayoutPieces
{
    /** Id of the roll; scraps have their own. */
    public const ROLL = 'roll';

    /** Prefix of the ids of sheets. */
    public const SHEET = 'sheet-';

    public static function isScrap(string $stock): bool
    {
        return self::ROLL !== $stock && !\str_starts_with($stock, self::SHEET);
    }

    /** Film length used, scraps excluded, in µm. */
    public static function length(Nested $nested): int
    {
        $length = 0;
        foreach ($nested->films() as $use) {
            $length += self::isScrap($use->stock->id) ? 0 : $use->film->bounds()->top ?? 0;
        }

        return $length;
    }

    public function __construct(
        private PeopleSheets $sheets,
        private JobDesigns $designs,
        private FilmScraps $scraps,
    ) {
    }

    /** @return list<LaidPiece> by item and copy; none of designs that no longer use the film */
    public function of(FilmLayout $layout, FilmSettings $rack): array
    {
        $pieces = [];
        foreach ($layout->items() as $item => $own) {
            try {
                $design = $this->designs->get($own->design);
            } catch (NotFoundHttpException) {
                // It was removed from its job.
                continue;
            }
            $same = [];
            foreach ($this->sheets->of($design, $own) as $copy => [$name, $sheets]) {
                foreach ($sheets as $sheet) {
                    if ($sheet->film->id === $layout->film) {
                        // Equal copies are the same object, and so are their pieces.
                        [$piece, $layer] = $same[\spl_object_id($sheet)] ??= [Piece::of($sheet->frame, $rack->turns), self::digest($sheet)];
                        $pieces[] = new LaidPiece(
                            item: $item,
                            copy: $copy,
                            number: $own->number($copy),
                            person: $own->person($copy),
                            design: $design,
                            name: $name,
                            sheet: $sheet,
                            piece: $piece,
                            layer: $layer,
                        );
                    }
                }
            }
        }

        return $pieces;
    }

    /**
     * The roll, or as many sheets as there are pieces, and the scraps of the film that are wide enough to be used. For a zone of the mat a
     * film of its width.
     *
     * @return array{non-empty-list<Stock>, list<Stock>}
     *
     * @throws StockException if the roll has no usable width
     */
    public function stocks(FilmLayout $layout, Film $film, ShopLayout $shop, int $pieces): array
    {
        if ($layout->onMat) {
            return [[Stock::roll(self::ROLL, \min($film->width, $shop->mat->usableWidth()))], []];
        }
        $scraps = [];
        foreach ($this->scraps->of($film->id) as $scrap) {
            try {
                $scraps[] = Stock::scrap($scrap->id, $scrap->region(), $shop->edge);
            } catch (StockException) {
                // Too narrow to use; it stays on the rack.
            }
        }

        if ($shop->hasSheets()) {
            ['width' => $width, 'length' => $length] = $shop->sheet;

            return [\array_map(
                static fn (int $sheet): Stock => Stock::sheet(self::SHEET.$sheet, \min($film->width, $width), $length, $shop->edge),
                \range(1, \max(1, $pieces, ...self::sheets($layout))),
            ), $scraps];
        }

        // The page reports a roll that is too short; the layout treats it as longer.
        return [[Stock::roll(self::ROLL, $film->width, edge: $shop->edge)], $scraps];
    }

    /** @return list<int> numbers of the sheets in use: those that are cut leave gaps */
    private static function sheets(FilmLayout $layout): array
    {
        $sheets = \array_filter(\array_column($layout->places(), 'stock'), static fn (string $stock): bool => \str_starts_with($stock, self::SHEET));

        return \array_map(static fn (string $stock): int => (int) \substr($stock, \strlen(self::SHEET)), \array_values($sheets));
    }

    /**
     * Places of the pieces that are unchanged and whose film still exists.
     *
     * @param list<LaidPiece> $pieces
     * @param list<string>    $stocks ids of films
     *
     * @return array<string, Place> by item and copy
     */
    public static function places(FilmLayout $layout, array $pieces, array $stocks): array
    {
        $byCopy = [];
        foreach ($pieces as $piece) {
            $byCopy["$piece->item $piece->copy"] = $piece;
        }
        $places = [];
        foreach ($layout->places() as $place) {
            $piece = $byCopy["{$place['item']} {$place['copy']}"] ?? null;
            if (null !== $piece && \in_array($place['stock'], $stocks, true)) {
                $places["$piece->item $piece->copy"] = new Place($piece->piece, $place['turn'], $place['x'], $place['y'], $place['stock']);
            }
        }

        return $places;
    }

    private static function digest(CutSheet $sheet): string
    {
        return \hash('xxh128', $sheet->region->digest().$sheet->marks->digest().$sheet->frame->digest().\json_encode($sheet->parting, \JSON_THROW_ON_ERROR));
    }
}
