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

/** Sheets of a design: the same for each copy, or one's own for each person of the list. */
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
            // The job's sheet reports designs that can't be read.
            return false;
        }
    }

    /** @return list<Person> to cut a design for, repeated by quantity; empty if all copies are the same */
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
     * Layers by copy, from 1, with the name of the piece. Equal copies share them; people no longer on the list have none.
     *
     * @return array<int, array{string, list<CutSheet>}>
     *
     * @throws RosterException if a person's settings are invalid
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
