<?php

declare(strict_types=1);

namespace Uvret\App\Press;

use Doctrine\ORM\EntityManagerInterface;
use Uvret\App\Api\DraftReader;
use Uvret\App\Api\Shape\PressDesignName;
use Uvret\App\Api\Shape\PressQueueRow;
use Uvret\App\Api\Shape\PressSheet;
use Uvret\App\Entity\Job;
use Uvret\App\Entity\JobDesign;
use Uvret\App\Entity\JobState;
use Uvret\App\Entity\PersonState;
use Uvret\App\Names\PeopleSheets;
use Uvret\App\Names\PersonPlans;
use Uvret\App\Repository\PeopleProgress;
use Uvret\Press\Templates;
use Uvret\Roster\Person;

/** The press queue: designs, their pieces in order, and noting what is done. */
final readonly class PressDesk
{
    /** Above this number identical pieces are not listed one by one. */
    private const MOST = 500;

    public function __construct(
        private EntityManagerInterface $entities,
        private DraftReader $drafts,
        private PeopleSheets $people,
        private PersonPlans $plans,
        private PeopleProgress $progress,
        private PressCards $cards,
    ) {
    }

    /** @return list<PressDesignName> of jobs being cut or pressed, next due first */
    public function designs(): array
    {
        $jobs = $this->entities->getRepository(Job::class)->findBy(
            ['state' => [JobState::ToCut, JobState::ToPress], 'archivedAt' => null],
            ['due' => 'ASC', 'id' => 'ASC'],
        );
        // Designs that are cut come before those that are not.
        \usort($jobs, static fn (Job $a, Job $b): int => (JobState::ToPress === $b->state) <=> (JobState::ToPress === $a->state));
        $designs = [];
        foreach ($jobs as $job) {
            foreach ($job->currentDesigns() as $design) {
                $designs[] = PressDesignName::of($design);
            }
        }

        return $designs;
    }

    /**
     * @param string $row   piece to press; empty for the first not pressed yet
     * @param string $press id of the press; empty for the best one
     */
    public function sheet(JobDesign $design, string $row, string $press = ''): PressSheet
    {
        $rows = $this->rows($design);
        $waiting = \array_values(\array_filter($rows, static fn (PressQueueRow $one): bool => 'pressed' !== $one->state));
        $known = \array_column($rows, null, 'id');
        $now = $known[$row] ?? $waiting[0] ?? $rows[0] ?? null;
        $draft = $this->drafts->draft($design->document);
        $plan = null === $now ? $draft->plan : $this->plans->plan($design, $draft->document, $now->id) ?? $draft->plan;

        return PressSheet::of($design, $rows, $now->id ?? '', $plan, $this->cards->plan($plan, $press), $this->cards->presses());
    }

    /**
     * Templates at true size for one piece.
     *
     * @param string $row the piece; empty for the first
     *
     * @return list<string> sheets as SVG documents
     */
    public function templates(JobDesign $design, string $row, bool $letter): array
    {
        $draft = $this->drafts->draft($design->document);
        $plan = $this->plans->plan($design, $draft->document, '' === $row ? $this->rows($design)[0]->id ?? '' : $row) ?? $draft->plan;

        return (new Templates())->pages($this->cards->plan($plan), $plan, $letter);
    }

    /** Notes that a piece is pressed; the last one completes the job. */
    public function pressed(JobDesign $design, string $row, \DateTimeImmutable $at): void
    {
        $this->progress->set($design->job->id, [$row], PersonState::Pressed, $at);
        $job = $design->job;
        foreach ($job->currentDesigns() as $other) {
            foreach ($this->rows($other) as $one) {
                if ('pressed' !== $one->state) {
                    return;
                }
            }
        }
        $job->state = JobState::Done;
        ++$job->version;
        $this->entities->flush();
    }

    /** @return list<PressQueueRow> */
    private function rows(JobDesign $design): array
    {
        $states = $this->progress->of($design->job->id);
        $times = $this->progress->times($design->job->id);
        $row = static fn (string $id, string $name, string $about, int $count): PressQueueRow => new PressQueueRow(
            id: $id,
            name: $name,
            about: $about,
            count: $count,
            state: ($states[$id] ?? PersonState::ToCut)->value,
            at: ($times[$id] ?? null)?->format(\DATE_ATOM),
        );
        $rows = [];
        $people = $this->people->people($design);
        $counts = \array_count_values(\array_map(static fn (Person $person): string => $person->id, $people));
        foreach (\array_unique($people, \SORT_REGULAR) as $person) {
            $rows[] = $row($person->id, $person->name(), $person->cut('size'), $counts[$person->id]);
        }
        $pieces = [] === $people ? \min(self::MOST, \max(1, $design->job->quantity())) : 0;
        for ($piece = 1; $piece <= $pieces; ++$piece) {
            $rows[] = $row("$design->id/$piece", "Piece $piece", '', 1);
        }

        return $rows;
    }
}
