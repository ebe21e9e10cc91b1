<?php

declare(strict_types=1);

namespace Uvret\App\Layout;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Messenger\MessageBusInterface;
use Uvret\App\Api\Drafting;
use Uvret\App\Api\Shape\BadRequest;
use Uvret\App\Api\Shape\FilmLayoutCard;
use Uvret\App\Api\Shape\FilmSettings;
use Uvret\App\Api\Shape\ShopLayout;
use Uvret\App\Api\Shape\Spot;
use Uvret\App\Api\Shape\SubstituteCard;
use Uvret\App\Cutting\CutRoom;
use Uvret\App\Entity\CutRun;
use Uvret\App\Entity\FilmLayout;
use Uvret\App\Entity\LayoutState;
use Uvret\App\Entity\RackFilm;
use Uvret\App\Entity\ShopUsage;
use Uvret\App\Repository\FilmLayouts;
use Uvret\App\Repository\FilmScraps;
use Uvret\App\Repository\JobDesigns;
use Uvret\Cut\CutSheet;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;
use Uvret\Layout\JoinedSheets;
use Uvret\Layout\Leftover;
use Uvret\Layout\Nest\Nested;
use Uvret\Layout\Nest\Piece;
use Uvret\Layout\Nest\Place;
use Uvret\Layout\Stock;
use Uvret\Layout\Substitutes;

/** Films laid out for the cutter: chosen, laid out anew, moved by hand, cut. */
final readonly class LayoutDesk
{
    public function __construct(
        private EntityManagerInterface $entities,
        private FilmLayouts $layouts,
        private LayoutPieces $pieces,
        private JobDesigns $designs,
        private FilmScraps $scraps,
        private Drafting $drafting,
        private CutRoom $room,
        private MessageBusInterface $bus,
    ) {
    }

    /**
     * Lays designs out, each film by itself, instead of what was laid out before.
     *
     * @param list<array{design: string, copies: int}> $items
     * @param bool                                     $onMat all films in zones of the carrier mat
     *
     * @throws BadRequest where one can't be cut yet
     */
    public function choose(array $items, bool $onMat): void
    {
        $films = [];
        foreach ($items as $item) {
            $design = $this->designs->get($item['design']);
            $plan = $this->drafting->draft($design->document)->plan;
            $why = CutRoom::hindrance($design->job, $plan);
            if (null !== $why) {
                throw BadRequest::field('items', $why);
            }
            foreach ($plan->cutPlan->sheets as $sheet) {
                $films[$sheet->film->id][] = $item;
            }
        }
        $before = \array_column($this->layouts->all(), null, 'film');
        $layouts = [];
        foreach ($films as $film => $own) {
            $layout = new FilmLayout((string) $film, \json_encode($own, \JSON_THROW_ON_ERROR), revision: \random_int(1, 1 << 30), onMat: $onMat);
            if ($onMat === ($before[$film]->onMat ?? null)) {
                $layout->takePins($before[$film]);
            }
            $layouts[] = $layout;
        }
        $this->layouts->replace($layouts);
        foreach ($layouts as $layout) {
            $this->bus->dispatch(new LayOut($layout->film, $layout->revision));
        }
    }

    /** @return list<FilmLayoutCard> */
    public function cards(): array
    {
        return \array_map($this->card(...), $this->layouts->all());
    }

    /** @return array<string, int> where the zone of each film begins on the mat, in µm; none where films are by themselves */
    private function zones(): array
    {
        return $this->shop()->mat->zones($this->zoneLengths());
    }

    /** @return array<string, int> */
    private function zoneLengths(): array
    {
        $lengths = [];
        foreach ($this->layouts->all() as $layout) {
            if ($layout->onMat) {
                $lengths[$layout->film] = $layout->result()['length'];
            }
        }

        return $lengths;
    }

    public function card(FilmLayout $layout): FilmLayoutCard
    {
        $open = $this->open($layout);

        $rack = $this->rack($layout);

        return FilmLayoutCard::of(
            layout: $layout,
            open: $open,
            rack: $rack,
            shop: $this->shop(),
            zone: $this->zones()[$layout->film] ?? null,
            substitutes: LayoutState::Done === $layout->state && $layout->result()['length'] > $rack->stock ? $this->substitutes($open) : [],
        );
    }

    /** @return list<SubstituteCard> scraps of other films that would take pieces of one that runs short */
    private function substitutes(OpenLayout $open): array
    {
        $scraps = $stocks = [];
        foreach ($this->scraps->ofOthers($open->layout->film) as $scrap) {
            $scraps[$scrap->id] = $scrap;
            $stocks[] = Stock::scrap($scrap->id, $scrap->region());
        }
        $cards = [];
        $fit = Substitutes::fit(\array_map(static fn (LaidPiece $piece): Piece => $piece->piece, $open->pieces), $stocks, $this->shop()->gap);
        foreach ($fit as $id => $count) {
            $film = $this->entities->find(RackFilm::class, $scraps[$id]->film)?->entry();
            $box = $scraps[$id]->region()->bounds();
            if ($film instanceof \stdClass && $film->film instanceof \stdClass && \is_string($film->film->name) && null !== $box) {
                $cards[] = new SubstituteCard($film->film->name, $box->width(), $box->height(), $count);
            }
        }

        return $cards;
    }

    /** @param bool $keep whether unchanged pieces stay where they are, too, not only pinned ones */
    public function again(string $film, bool $keep): FilmLayoutCard
    {
        $layout = $this->layouts->get($film);
        $layout->state = LayoutState::Waiting;
        $layout->result = \json_encode(['used' => 0] + $layout->result(), \JSON_THROW_ON_ERROR);
        $this->layouts->set($layout);
        $this->bus->dispatch(new LayOut($film, $layout->revision, $keep));

        return $this->card($layout);
    }

    public function stop(string $film): FilmLayoutCard
    {
        $layout = $this->layouts->get($film);
        if (LayoutState::Waiting === $layout->state || LayoutState::Brief === $layout->state) {
            // It has no layout yet, and the first one will do.
            $layout->state = LayoutState::Brief;
            $this->entities->flush();
        } else {
            $layout->state = LayoutState::Done;
            $this->layouts->set($layout);
        }

        return $this->card($layout);
    }

    /**
     * Pieces that a piece would touch in a place, or come nearer to than the gap, and whether it lies on usable film: exactly.
     *
     * @return array{touches: list<int>, inside: bool}
     */
    public function tryOut(string $film, int $number, Spot $spot): array
    {
        $open = $this->open($this->layouts->get($film));

        return $this->fit($open, $number, self::placed($open, $number, $spot));
    }

    /**
     * Moves a piece by hand, or pins it where it is.
     *
     * @throws BadRequest where it touches another or lies beside the film
     */
    public function move(string $film, int $number, Spot $spot, bool $pinned): FilmLayoutCard
    {
        $layout = $this->layouts->get($film);
        $open = $this->open($layout);
        $place = self::placed($open, $number, $spot);
        ['touches' => $touches, 'inside' => $inside] = $this->fit($open, $number, $place);
        if ([] !== $touches || !$inside) {
            throw BadRequest::field('place', match ($inside) {
                true => 'It touches another piece there. Move it further.', false => 'It doesn’t lie on usable film there. Move it back.',
            });
        }
        $own = $open->pieces[$number];
        $places = \array_values(\array_filter($layout->places(), static fn (array $old): bool => [$old['item'], $old['copy']] !== [$own->item, $own->copy]));
        $places[] = [
            'item' => $own->item,
            'copy' => $own->copy,
            'turn' => $place->turn,
            'x' => $place->x,
            'y' => $place->y,
            'stock' => $place->stock,
            'pinned' => $pinned,
            'layer' => $own->layer,
        ];
        $layout->places = \json_encode($places, \JSON_THROW_ON_ERROR);
        $open = $this->open($layout);
        $nested = new Nested(\array_values($open->places), $open->stocks);
        $layout->result = \json_encode(
            ['length' => LayoutPieces::length($nested), 'used' => $nested->used] + $layout->result(),
            \JSON_THROW_ON_ERROR,
        );
        // What a worker finds from now on would not know of it.
        $layout->state = LayoutState::Done;
        $this->layouts->set($layout);

        return $this->card($layout);
    }

    /**
     * Sends one film of a layout to the cutter.
     *
     * @throws BadRequest where pieces have changed since, or the cutter is not made ready for it
     */
    public function cut(string $film, string $stock): CutRun
    {
        $layout = $this->layouts->get($film);
        $open = $this->open($layout);
        $use = $open->on($stock) ?? throw BadRequest::field('stock', 'Nothing lies on that film any more. Choose another one.');
        if ([] !== $open->stale()) {
            throw BadRequest::field('place', 'Designs have changed since they were laid out. Lay the changed pieces out again first.');
        }
        $shop = $this->shop();
        if ([] !== (new Nested($use->places, $open->stocks))->faults($shop->gap)) {
            throw BadRequest::field('place', 'Two pieces touch. Move one, or lay the film out again.');
        }
        $sheet = $open->sheet($use, $shop->numbers);
        $designs = [];
        foreach ($open->pieces as $piece) {
            if ($stock === ($open->places["$piece->item $piece->copy"]->stock ?? null)) {
                $designs[$piece->design->id] = ($designs[$piece->design->id] ?? 0) + 1;
            }
        }
        if ($layout->onMat) {
            return $this->cutZone($layout, $sheet, $designs);
        }
        $kept = Leftover::of($use->film, $use->frames(), $shop->smallest);

        return $this->room->cutLaidOut(
            $sheet,
            \sprintf('%s: %d %s laid out', $sheet->film->name, \count($use->places), 1 === \count($use->places) ? 'piece' : 'pieces'),
            [
                'film' => $film,
                'stock' => $stock,
                'designs' => $designs,
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
     * A zone of the mat, where it lies on it.
     *
     * @param array<string, int> $designs
     *
     * @throws BadRequest where the zones are longer than the mat, or the cutter is not made ready for it
     */
    private function cutZone(FilmLayout $layout, CutSheet $sheet, array $designs): CutRun
    {
        $mat = $this->shop()->mat;
        $short = $mat->short($this->zoneLengths());
        if ($short > 0) {
            throw BadRequest::field('stock', \sprintf('The mat is %.1f mm too short. Take a job off, or cut by film.', $short / 1_000));
        }
        $onMat = JoinedSheets::of(
            [[$sheet, Affine::move($mat->edge, $this->zones()[$layout->film] ?? $mat->edge)]],
            new Box(0, 0, $mat->width, $mat->length),
        );

        return $this->room->cutOnMat(
            $onMat,
            "{$sheet->film->name}, on the mat",
            ['film' => $layout->film, 'stock' => LayoutPieces::ROLL, 'designs' => $designs, 'kept' => []],
            $sheet->box->height(),
        );
    }

    /** What is cut from one film of a layout, for a file; null where nothing lies on it. */
    public function sheet(string $film, string $stock): ?CutSheet
    {
        $open = $this->open($this->layouts->get($film));
        $use = $open->on($stock);

        return null === $use ? null : $open->sheet($use, $this->shop()->numbers);
    }

    private function open(FilmLayout $layout): OpenLayout
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

    /** @throws BadRequest where there is no such piece */
    private static function placed(OpenLayout $open, int $number, Spot $spot): Place
    {
        $own = $open->pieces[$number] ?? throw BadRequest::field('piece', 'This piece is no longer laid out.');

        return new Place($own->piece, $spot->turn, $spot->x, $spot->y, $spot->stock);
    }

    /** @return array{touches: list<int>, inside: bool} */
    private function fit(OpenLayout $open, int $number, Place $place): array
    {
        $gap = $this->shop()->gap;
        $region = $place->region();
        $box = $region->bounds() ?? throw new \LogicException('A frame has an area.');
        $touches = [];
        foreach ($open->pieces as $other => $piece) {
            $beside = $open->places["$piece->item $piece->copy"] ?? null;
            if ($other === $number || null === $beside || $beside->stock !== $place->stock) {
                continue;
            }
            $frame = $beside->region();
            $near = $frame->bounds();
            if (null !== $near && $box->grown($gap)->overlaps($near)
                && (!$region->intersect($frame)->isEmpty() || ($gap > 0 && $region->distanceTo($frame) < $gap - 1))) {
                $touches[] = $other;
            }
        }
        $stock = $open->stock($place->stock);

        return ['touches' => $touches, 'inside' => null !== $stock && $region->subtract($stock->usable)->isEmpty()];
    }

    private function rack(FilmLayout $layout): FilmSettings
    {
        return FilmSettings::of($this->entities->find(RackFilm::class, $layout->film));
    }

    private function shop(): ShopLayout
    {
        return ShopLayout::of(($this->entities->find(ShopUsage::class, ShopUsage::ID) ?? new ShopUsage())->layout);
    }
}
