<?php

declare(strict_types=1);

namespace Uvret\App\Layout;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Messenger\MessageBusInterface;
use Uvret\App\Api\DraftReader;
use Uvret\App\Api\Shape\BadRequest;
use Uvret\App\Api\Shape\FilmLayoutCard;
use Uvret\App\Api\Shape\SubstituteCard;
use Uvret\App\Cutting\CutRoom;
use Uvret\App\Entity\FilmLayout;
use Uvret\App\Entity\LayoutState;
use Uvret\App\Entity\RackFilm;
use Uvret\App\Names\PeopleAtWork;
use Uvret\App\Names\PeopleSheets;
use Uvret\App\Repository\FilmLayouts;
use Uvret\App\Repository\FilmScraps;
use Uvret\App\Repository\JobDesigns;
use Uvret\Layout\Nest\Piece;
use Uvret\Layout\Stock;
use Uvret\Layout\Substitutes;
use Uvret\Roster\Person;

/** Layouts of films: choosing, showing, repeating, stopping. */
final readonly class LayoutDesk
{
    public function __construct(
        private EntityManagerInterface $entities,
        private FilmLayouts $layouts,
        private OpenLayouts $open,
        private JobDesigns $designs,
        private FilmScraps $scraps,
        private DraftReader $drafts,
        private PeopleSheets $sheets,
        private PeopleAtWork $people,
        private MessageBusInterface $bus,
    ) {
    }

    /**
     * Lays designs out film by film, replacing the previous layout. Of designs with names, people whose pieces
     * are not cut yet are laid out, whatever the copies.
     *
     * @param list<array{design: string, copies: int}> $asked
     * @param bool                                     $onMat all films in zones of the carrier mat
     *
     * @throws BadRequest if one can't be cut yet
     */
    public function choose(array $asked, bool $onMat): void
    {
        $before = \array_column($this->layouts->all(), null, 'film');
        $layouts = [];
        foreach ($this->items($asked, 1) as $film => $items) {
            $json = \json_encode(\array_map(static fn (LayoutItem $item): array => $item->toArray(), $items), \JSON_THROW_ON_ERROR);
            $layout = new FilmLayout((string) $film, $json, revision: \random_int(1, 1 << 30), onMat: $onMat);
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

    /**
     * Lays out pieces beside what is laid out already, which stays where it is.
     *
     * @param list<array{design: string, people: list<string>}> $asked
     *
     * @throws BadRequest if one can't be cut yet
     */
    public function add(array $asked): void
    {
        $layouts = \array_column($this->layouts->all(), null, 'film');
        $numbers = [0];
        foreach ($layouts as $layout) {
            foreach ($layout->items() as $item) {
                \array_push($numbers, ...$item->numbers);
            }
        }
        $asked = \array_map(static fn (array $one): array => ['copies' => \count($one['people'])] + $one, $asked);
        foreach ($this->items($asked, \max($numbers) + 1) as $film => $items) {
            $layout = $layouts[$film] ?? new FilmLayout((string) $film, '[]', revision: \random_int(1, 1 << 30));
            foreach ($items as $item) {
                $layout->append($item);
            }
            $layout->state = LayoutState::Waiting;
            $layout->result = \json_encode(['used' => 0] + $layout->result(), \JSON_THROW_ON_ERROR);
            $this->layouts->keep($layout);
            $this->bus->dispatch(new LayOut($layout->film, $layout->revision, true));
        }
    }

    /**
     * Copies by film, each with the same number on all of them.
     *
     * @param list<array{design: string, copies: int, people?: list<string>}> $asked
     * @param int                                                             $number of the first copy
     *
     * @return array<string, list<LayoutItem>>
     *
     * @throws BadRequest if one can't be cut yet
     */
    private function items(array $asked, int $number): array
    {
        $films = [];
        foreach ($asked as $one) {
            $design = $this->designs->get($one['design']);
            $plan = $this->drafts->draft($design->document)->plan;
            $why = CutRoom::hindrance($design->job, $plan);
            if (null !== $why) {
                throw BadRequest::field('items', $why);
            }
            $all = $one['people'] ?? \array_map(static fn (Person $person): string => $person->id, $this->sheets->people($design));
            $copies = [] === $all ? $one['copies'] : \count($all);
            if (0 === $copies) {
                continue;
            }
            $item = new LayoutItem($design->id, \range($number, $number + $copies - 1), $all);
            $number += $copies;
            $found = false;
            foreach ($plan->cutPlan->sheets as $sheet) {
                $own = [] === $all ? $item : $item->only($one['people'] ?? $this->people->toCut($design, $sheet->film->id));
                if ($own->copies() > 0) {
                    $films[$sheet->film->id][] = $own;
                    $found = true;
                }
            }
            if (!$found && [] !== $all) {
                throw BadRequest::field('items', "All names of {$design->job->title} are cut. To cut one again, choose it in the job’s list of names.");
            }
        }

        return $films;
    }

    /** @return list<FilmLayoutCard> */
    public function cards(): array
    {
        return \array_map($this->card(...), $this->layouts->all());
    }

    public function card(FilmLayout $layout): FilmLayoutCard
    {
        $open = $this->open->open($layout);
        $rack = $this->open->rack($layout);
        $isShort = LayoutState::Done === $layout->state && $layout->result()['length'] > $rack->stock;

        return FilmLayoutCard::of(
            layout: $layout,
            open: $open,
            rack: $rack,
            shop: $this->open->shop(),
            zone: $this->open->zones()[$layout->film] ?? null,
            substitutes: $isShort ? $this->substitutes($open) : [],
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
        $fit = Substitutes::fit(\array_map(static fn (LaidPiece $piece): Piece => $piece->piece, $open->pieces), $stocks, $this->open->shop()->gap);
        foreach ($fit as $id => $count) {
            $film = $this->entities->find(RackFilm::class, $scraps[$id]->film)?->entry();
            $box = $scraps[$id]->region()->bounds();
            if ($film instanceof \stdClass && $film->film instanceof \stdClass && \is_string($film->film->name) && null !== $box) {
                $cards[] = new SubstituteCard($film->film->name, $box->width(), $box->height(), $count);
            }
        }

        return $cards;
    }

    /** @param bool $keep whether unchanged pieces stay, not only pinned ones */
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
            // It has no layout yet; the first one will end the search.
            $layout->state = LayoutState::Brief;
            $this->entities->flush();
        } else {
            $layout->state = LayoutState::Done;
            $this->layouts->set($layout);
        }

        return $this->card($layout);
    }
}
