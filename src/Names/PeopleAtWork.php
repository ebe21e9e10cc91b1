<?php

declare(strict_types=1);

namespace Uvret\App\Names;

use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Uvret\App\Entity\Job;
use Uvret\App\Entity\JobDesign;
use Uvret\App\Entity\PersonState;
use Uvret\App\Repository\CutPieces;
use Uvret\App\Repository\FilmLayouts;
use Uvret\App\Repository\JobDesigns;
use Uvret\App\Repository\PeopleProgress;
use Uvret\Roster\Person;

/** Progress of people's pieces through the shop. */
final readonly class PeopleAtWork
{
    public function __construct(
        private PeopleSheets $sheets,
        private PeopleProgress $progress,
        private CutPieces $cut,
        private FilmLayouts $layouts,
        private JobDesigns $designs,
    ) {
    }

    /** @return list<JobDesign> designs of a job that use its list */
    public function designs(Job $job): array
    {
        return \array_values(\array_filter($job->currentDesigns(), $this->sheets->hasFields(...)));
    }

    /**
     * People with pieces of a film left to cut, repeated by quantity.
     *
     * @return list<string> ids
     */
    public function toCut(JobDesign $design, string $film): array
    {
        $cut = $this->cut->counts($design->id, $film);
        $ids = [];
        foreach ($this->sheets->people($design) as $person) {
            if (($cut[$person->id] ?? 0) > 0) {
                --$cut[$person->id];
            } else {
                $ids[] = $person->id;
            }
        }

        return $ids;
    }

    /** @param list<string> $people */
    public function mark(Job $job, array $people, PersonState $state): void
    {
        $this->progress->set($job->id, $people, $state);
    }

    /**
     * Discards what was cut for some people, because it is spoiled or their words have changed.
     *
     * @param list<string> $people
     */
    public function spoil(Job $job, array $people): void
    {
        $this->cut->spoil(\array_map(static fn (JobDesign $design): string => $design->id, $this->designs($job)), $people);
        $this->progress->set($job->id, $people, PersonState::ToCut);
    }

    /**
     * All pieces of some people not laid out yet, for another cut.
     *
     * @param list<string> $people
     *
     * @return list<array{design: string, people: list<string>}>
     */
    public function again(Job $job, array $people): array
    {
        $again = [];
        foreach ($this->designs($job) as $design) {
            $ids = \array_map(static fn (Person $person): string => $person->id, $this->sheets->people($design));
            $wanted = \array_diff(\array_intersect($ids, $people), $this->laidOut($design));
            if ([] !== $wanted) {
                $again[] = ['design' => $design->id, 'people' => \array_values($wanted)];
            }
        }

        return $again;
    }

    /** @return list<string> people of a design in any layout */
    private function laidOut(JobDesign $design): array
    {
        $people = [];
        foreach ($this->layouts->all() as $layout) {
            foreach ($layout->items() as $item) {
                \array_push($people, ...($item->design === $design->id ? $item->people : []));
            }
        }

        return \array_values(\array_unique($people));
    }

    /**
     * Called after pieces of a film were cut: people with all of theirs become “cut”.
     *
     * @param list<array{design: string, person: string, number: int}> $pieces
     */
    public function afterCut(string $film, array $pieces): void
    {
        $this->cut->add($film, $pieces);
        $byDesign = [];
        foreach ($pieces as ['design' => $design, 'person' => $person]) {
            if ('' !== $person) {
                $byDesign[$design][$person] = $person;
            }
        }
        foreach ($byDesign as $design => $people) {
            try {
                $job = $this->designs->get((string) $design)->job;
            } catch (NotFoundHttpException) {
                // It was removed from its job during the cut.
                continue;
            }
            $this->progress->set($job->id, $this->done($job, \array_values($people)), PersonState::Cut);
        }
    }

    /**
     * @param list<string> $people
     *
     * @return list<string> those with a piece of every design cut and nothing waiting
     */
    private function done(Job $job, array $people): array
    {
        foreach ($this->designs($job) as $design) {
            $people = \array_values(\array_intersect($people, $this->cut->people($design->id)));
        }
        foreach ($this->layouts->all() as $layout) {
            foreach ($layout->items() as $item) {
                $people = \array_values(\array_diff($people, $item->people));
            }
        }

        return $people;
    }
}
