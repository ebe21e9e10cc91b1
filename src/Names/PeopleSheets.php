<?php

declare(strict_types=1);

namespace Uvret\App\Names;

use Uvret\App\Api\DraftReader;
use Uvret\App\Entity\JobDesign;
use Uvret\App\Layout\LayoutItem;
use Uvret\App\Repository\Rosters;
use Uvret\Cut\CutSheet;
use Uvret\Design\DesignException;
use Uvret\Plan\Planner;
use Uvret\Roster\Filling;
use Uvret\Roster\Person;
use Uvret\Roster\RosterException;
use Uvret\Roster\Team;

/** What is cut of a design: the same for each copy, or for each person of the list their own. */
final readonly class PeopleSheets
{
    public function __construct(
        private Rosters $rosters,
        private DraftReader $drafts,
        private Planner $planner,
        private Team $team,
        private BlankSizes $sizes,
    ) {
    }

    public function hasFields(JobDesign $design): bool
    {
        try {
            return [] !== Filling::lines($this->team->design($this->drafts->decode($design->document)));
        } catch (DesignException) {
            // One that can't be read is told of on the job's sheet.
            return false;
        }
    }

    /** @return list<Person> for whom a design is cut, each as often as asked for; none if it is the same for all */
    public function people(JobDesign $design): array
    {
        $people = [];
        if ($this->hasFields($design)) {
            foreach ($this->rosters->of($design->job)->roster()->people as $person) {
                \array_push($people, ...($person->isEmpty() ? [] : \array_fill(0, $person->quantity(), $person)));
            }
        }

        return $people;
    }

    /**
     * Layers by copy, counted from 1, with what the piece is called. Equal copies share them; people who are no longer on the list have none.
     *
     * @return array<int, array{string, list<CutSheet>}>
     *
     * @throws RosterException if what is set for a person is not right
     */
    public function of(JobDesign $design, LayoutItem $item): array
    {
        if ([] === $item->people) {
            $plan = $this->drafts->draft($design->document)->plan;

            return 0 === $item->copies() ? [] : \array_fill(1, $item->copies(), [$plan->design->name, $plan->cutPlan->sheets]);
        }
        $document = $this->drafts->decode($design->document);
        $all = \array_values(\array_filter($this->rosters->of($design->job)->roster()->people, static fn (Person $person): bool => !$person->isEmpty()));
        $wanted = \array_values(\array_filter($all, static fn (Person $person): bool => \in_array($person->id, $item->people, true)));
        $made = [];
        foreach ($this->team->designs($document, $wanted, $all, $this->sizes->of($document)) as $one) {
            $made[$one->person->id] = [$one->person->title(), $this->planner->plan($one->design)->cutPlan->sheets];
        }
        $sheets = [];
        foreach ($item->people as $at => $person) {
            if (isset($made[$person])) {
                $sheets[$at + 1] = $made[$person];
            }
        }

        return $sheets;
    }
}
