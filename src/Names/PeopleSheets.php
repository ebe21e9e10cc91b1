<?php

declare(strict_types=1);

namespace Uvret\App\Names;

use Uvret\App\Api\Drafting;
use Uvret\App\Entity\JobDesign;
use Uvret\App\Repository\Rosters;
use Uvret\Cut\CutSheet;
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
        private Drafting $drafting,
        private Planner $planner,
        private Team $team,
    ) {
    }

    /** @return list<Person> for whom a design is cut, each as often as asked for; none where it is the same for all */
    public function people(JobDesign $design): array
    {
        $people = [];
        if ([] !== Filling::lines($this->team->design($this->drafting->decode($design->document)))) {
            foreach ($this->rosters->of($design->job)->roster()->people as $person) {
                \array_push($people, ...($person->isEmpty() ? [] : \array_fill(0, $person->quantity(), $person)));
            }
        }

        return $people;
    }

    /**
     * Layers by copy, with what the piece is called. Equal copies share them.
     *
     * @return list<array{string, list<CutSheet>}>
     *
     * @throws RosterException where what is set for a person is not right
     */
    public function of(JobDesign $design, int $copies): array
    {
        $people = $this->people($design);
        if ([] === $people) {
            $plan = $this->drafting->draft($design->document)->plan;

            return \array_fill(0, $copies, [$plan->design->name, $plan->cutPlan->sheets]);
        }
        $document = $this->drafting->decode($design->document);
        $sheets = $made = [];
        foreach ($this->team->designs($document, $people) as $one) {
            $person = $one->person;
            $made[$person->id] ??= $this->planner->plan($one->design)->cutPlan->sheets;
            $name = '' === $person->cut('name') ? $person->cut('number') : $person->cut('name');
            $sheets[] = ['' === $person->cut('size') ? $name : "$name, {$person->cut('size')}", $made[$person->id]];
        }

        return $sheets;
    }
}
