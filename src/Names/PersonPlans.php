<?php

declare(strict_types=1);

namespace Uvret\App\Names;

use Uvret\App\Entity\JobDesign;
use Uvret\App\Repository\Rosters;
use Uvret\Plan\Plan;
use Uvret\Plan\Planner;
use Uvret\Roster\Person;
use Uvret\Roster\Team;

/** Plans a design for one person of its job's list. */
final readonly class PersonPlans
{
    public function __construct(
        private Rosters $rosters,
        private Team $team,
        private Planner $planner,
        private BlankSizes $sizes,
    ) {
    }

    /**
     * @param \stdClass $document the design's, complete
     *
     * @return Plan|null null if no one on the list has that id
     */
    public function plan(JobDesign $design, \stdClass $document, string $person): ?Plan
    {
        $roster = $this->rosters->of($design->job)->roster();
        $one = $roster->person($person);
        if (null === $one) {
            return null;
        }
        $people = \array_values(\array_filter($roster->people, static fn (Person $other): bool => !$other->isEmpty()));

        return $this->planner->plan($this->team->designs($document, [$one], $people, $this->sizes->of($document))[0]->design);
    }
}
