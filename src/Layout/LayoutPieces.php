<?php

declare(strict_types=1);

namespace Uvret\App\Layout;

use Uvret\App\Api\Drafting;
use Uvret\App\Api\Shape\FilmSettings;
use Uvret\App\Api\Shape\ShopLayout;
use Uvret\App\Entity\FilmLayout;
use Uvret\App\Repository\FilmScraps;
use Uvret\App\Repository\JobDesigns;
use Uvret\Cut\CutSheet;
use Uvret\Design\Film;
use Uvret\Layout\Nest\Piece;
use Uvret\Layout\Nest\Place;
use Uvret\Layout\Stock;
use Uvret\Layout\StockException;

/** What a stored layout is made of: its pieces from the designs as they are now, its films, and its places. */
final readonly class LayoutPieces
{
    /** The id of the roll among stocks; scraps have their own. */
    public const ROLL = 'roll';

    public function __construct(
        private Drafting $drafting,
        private JobDesigns $designs,
        private FilmScraps $scraps,
    ) {
    }

    /** @return list<LaidPiece> by item and copy; none of designs that no longer use the film */
    public function of(FilmLayout $layout, FilmSettings $rack): array
    {
        $pieces = [];
        foreach ($layout->items() as $item => ['design' => $id, 'copies' => $copies]) {
            $design = $this->designs->get($id);
            $plan = $this->drafting->draft($design->document)->plan;
            foreach ($plan->cutPlan->sheets as $sheet) {
                if ($sheet->film->id !== $layout->film) {
                    continue;
                }
                $piece = Piece::of($sheet->frame, $rack->turns);
                $layer = self::digest($sheet);
                for ($copy = 1; $copy <= $copies; ++$copy) {
                    $pieces[] = new LaidPiece($item, $copy, $design, $plan->design->name, $sheet, $piece, $layer);
                }
            }
        }

        return $pieces;
    }

    /**
     * The roll, and the scraps of the film that are wide enough to be used; for a zone of the mat a film of its width.
     *
     * @return array{Stock, list<Stock>}
     *
     * @throws StockException where the roll has no usable width
     */
    public function stocks(Film $film, ShopLayout $shop, bool $onMat): array
    {
        if ($onMat) {
            return [Stock::roll(self::ROLL, \min($film->width, $shop->mat->usableWidth())), []];
        }
        $scraps = [];
        foreach ($this->scraps->of($film->id) as $scrap) {
            try {
                $scraps[] = Stock::scrap($scrap->id, $scrap->region(), $shop->edge);
            } catch (StockException) {
                // Too narrow to use; it stays on the rack.
            }
        }

        // A roll that is too short is told on the page; the layout goes on as if it were longer.
        return [Stock::roll(self::ROLL, $film->width, edge: $shop->edge), $scraps];
    }

    /**
     * Where the pieces lie that are still the same and whose film is there.
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
