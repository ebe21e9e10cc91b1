<?php

declare(strict_types=1);

namespace Uvret\App\Layout;

use Uvret\App\Api\Shape\BadRequest;
use Uvret\App\Cutting\CutRoom;
use Uvret\App\Entity\CutRun;
use Uvret\App\Entity\FilmLayout;
use Uvret\Cut\CutSheet;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;
use Uvret\Layout\JoinedSheets;
use Uvret\Layout\Leftover;
use Uvret\Layout\Nest\Nested;

/** Sends laid out films to the cutter or into files. */
final readonly class LaidCuts
{
    public function __construct(
        private OpenLayouts $open,
        private CutRoom $room,
    ) {
    }

    /**
     * Sends one film of a layout to the cutter.
     *
     * @throws BadRequest if pieces have changed since, or the cutter is not made ready for it
     */
    public function cut(string $film, string $stock): CutRun
    {
        $open = $this->open->of($film);
        $layout = $open->layout;
        $use = $open->on($stock) ?? throw BadRequest::field('stock', 'Nothing lies on that film any more. Choose another one.');
        if ([] !== $open->stale()) {
            throw BadRequest::field('place', 'Designs have changed since they were laid out. Lay the changed pieces out again first.');
        }
        $shop = $this->open->shop();
        if ([] !== (new Nested($use->places, $open->stocks))->faults($shop->gap)) {
            throw BadRequest::field('place', 'Two pieces touch. Move one, or lay the film out again.');
        }
        $sheet = $open->sheet($use, $shop->numbers);
        $designs = $pieces = [];
        foreach ($open->pieces as $piece) {
            if ($stock === ($open->places["$piece->item $piece->copy"]->stock ?? null)) {
                $designs[$piece->design->id] = ($designs[$piece->design->id] ?? 0) + 1;
                $pieces[] = ['design' => $piece->design->id, 'person' => $piece->person, 'number' => $piece->number];
            }
        }
        if ($layout->onMat) {
            return $this->cutZone($layout, $sheet, $designs, $pieces);
        }
        $kept = Leftover::of($use->film, $use->frames(), $shop->smallest);

        return $this->room->cutLaidOut(
            $sheet,
            \sprintf('%s: %d %s laid out', $sheet->film->name, \count($use->places), 1 === \count($use->places) ? 'piece' : 'pieces'),
            [
                'film' => $film,
                'stock' => $stock,
                'designs' => $designs,
                'pieces' => $pieces,
                'kept' => \array_map(static function (Region $region): array {
                    $corner = $region->bounds() ?? throw new \LogicException('A scrap has an area.');

                    return $region->transform(Affine::move(-$corner->left, -$corner->bottom))->rings();
                }, $kept),
            ],
            $use->stock->isRoll ? null : $use->stock,
            LayoutPieces::isScrap($stock),
        );
    }

    /**
     * Sends a zone of the mat, at its position.
     *
     * @param array<string, int>                                       $designs
     * @param list<array{design: string, person: string, number: int}> $pieces
     *
     * @throws BadRequest if the zones are longer than the mat, or the cutter is not made ready for it
     */
    private function cutZone(FilmLayout $layout, CutSheet $sheet, array $designs, array $pieces): CutRun
    {
        $mat = $this->open->shop()->mat;
        $short = $mat->short($this->open->zoneLengths());
        if ($short > 0) {
            throw BadRequest::field('stock', \sprintf('The mat is %.1f mm too short. Take a job off, or cut by film.', $short / 1_000));
        }
        $onMat = JoinedSheets::of(
            [[$sheet, Affine::move($mat->edge, $this->open->zones()[$layout->film] ?? $mat->edge)]],
            new Box(0, 0, $mat->width, $mat->length),
        );

        return $this->room->cutOnMat(
            $onMat,
            "{$sheet->film->name}, on the mat",
            ['film' => $layout->film, 'stock' => LayoutPieces::ROLL, 'designs' => $designs, 'pieces' => $pieces, 'kept' => []],
            $sheet->box->height(),
        );
    }

    /** The sheet of one film of a layout, for a file; null if it is empty. */
    public function sheet(string $film, string $stock): ?CutSheet
    {
        $open = $this->open->of($film);
        $use = $open->on($stock);

        return null === $use ? null : $open->sheet($use, $this->open->shop()->numbers);
    }
}
