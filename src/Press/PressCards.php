<?php

declare(strict_types=1);

namespace Uvret\App\Press;

use Doctrine\ORM\EntityManagerInterface;
use Uvret\App\Api\DraftReader;
use Uvret\App\Api\Shape\ShopPress;
use Uvret\App\Entity\JobDesign;
use Uvret\App\Entity\PersonState;
use Uvret\App\Entity\ShopUsage;
use Uvret\App\Names\PeopleSheets;
use Uvret\App\Names\PersonPlans;
use Uvret\App\Repository\CutPieces;
use Uvret\App\Repository\FilmLayouts;
use Uvret\App\Repository\PeopleProgress;
use Uvret\Design\Rack;
use Uvret\Plan\Plan;
use Uvret\Press\PressCard;
use Uvret\Press\Presses;
use Uvret\Press\PressNotes;
use Uvret\Press\PressPlan;
use Uvret\Press\PressPlanner;
use Uvret\Press\PressRow;

/** Press plans and press cards of the shop's designs. */
final readonly class PressCards
{
    public function __construct(
        private EntityManagerInterface $entities,
        private Rack $rack,
        private DraftReader $drafts,
        private PeopleSheets $people,
        private PersonPlans $plans,
        private PeopleProgress $progress,
        private CutPieces $cut,
        private FilmLayouts $layouts,
    ) {
    }

    /** @param string $press id of the press to use; empty for the best one */
    public function plan(Plan $plan, string $press = ''): PressPlan
    {
        return (new PressPlanner($this->rack, $this->presses()))->plan($plan, $press);
    }

    public function presses(): Presses
    {
        return ShopPress::of($this->entities->find(ShopUsage::class, ShopUsage::ID)->press ?? '{}')->presses();
    }

    /** @return list<string> pages as SVG documents: the design with the list of people */
    public function pages(JobDesign $design, bool $letter): array
    {
        return $this->card($design, $this->drafts->draft($design->document)->plan, $this->rows($design), $letter);
    }

    /** @return list<string> a page per person of the list with their own piece; like `pages` without a list */
    public function each(JobDesign $design, bool $letter): array
    {
        $people = $this->people->people($design);
        if ([] === $people) {
            return $this->pages($design, $letter);
        }
        $draft = $this->drafts->draft($design->document);
        $pages = [];
        foreach ($this->rows($design) as $at => $row) {
            $plan = $this->plans->plan($design, $draft->document, $people[$at]->id) ?? $draft->plan;
            \array_push($pages, ...$this->card($design, $plan, [$row], $letter));
        }

        return $pages;
    }

    /**
     * @param list<PressRow> $rows
     *
     * @return list<string>
     */
    private function card(JobDesign $design, Plan $plan, array $rows, bool $letter): array
    {
        return (new PressCard())->pages($this->plan($plan), $plan, new PressNotes(
            job: $design->job->title,
            customer: $design->job->customer,
            due: '' === $design->job->due ? '' : (new \DateTimeImmutable($design->job->due))->format('j F Y'),
            pieces: 1 === \count($rows) ? 1 : \max($design->job->quantity(), \count($rows)),
            rows: $rows,
            sheet: $letter,
        ));
    }

    /** @return list<PressRow> people of the list, or numbered pieces */
    private function rows(JobDesign $design): array
    {
        $numbers = $this->numbers($design);
        $states = $this->progress->of($design->job->id);
        $rows = $taken = [];
        foreach ($this->people->people($design) as $person) {
            $which = $taken[$person->id] = ($taken[$person->id] ?? -1) + 1;
            $own = [];
            foreach ($numbers[$person->id] ?? [] as $film => $of) {
                // Each identical piece has its own row.
                if (isset($of[$which])) {
                    $own[$film] = [$of[$which]];
                }
            }
            $rows[] = new PressRow(
                $person->name(),
                $person->cut('size'),
                $own,
                PersonState::Pressed === ($states[$person->id] ?? null),
            );
        }
        if ([] === $rows) {
            $all = \array_values(\array_unique(\array_merge(...\array_values($numbers[''] ?? []))));
            \sort($all);
            foreach ($all as $at => $number) {
                $rows[] = new PressRow('Piece '.($at + 1), '', ['' => [$number]]);
            }
        }

        return $rows;
    }

    /** @return array<string, array<string, list<int>>> numbers of cut and laid out pieces, by person and film */
    private function numbers(JobDesign $design): array
    {
        $numbers = $this->cut->numbers($design->id);
        foreach ($this->layouts->all() as $layout) {
            foreach ($layout->items() as $item) {
                foreach ($item->design === $design->id ? $item->numbers : [] as $at => $number) {
                    $person = $item->person($at + 1);
                    if (!\in_array($number, $numbers[$person][$layout->film] ?? [], true)) {
                        $numbers[$person][$layout->film][] = $number;
                    }
                }
            }
        }

        return $numbers;
    }
}
