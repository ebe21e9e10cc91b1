<?php

declare(strict_types=1);

namespace Uvret\App\Api;

use Uvret\App\Api\Shape\Approval;
use Uvret\App\Api\Shape\DayWork;
use Uvret\App\Api\Shape\DesignCard;
use Uvret\App\Api\Shape\DesignName;
use Uvret\App\Api\Shape\JobCard;
use Uvret\App\Api\Shape\JobItem;
use Uvret\App\Api\Shape\JobSheet;
use Uvret\App\Api\Shape\JobSheetDesign;
use Uvret\App\Api\Shape\PeopleCount;
use Uvret\App\Api\Shape\PressCount;
use Uvret\App\Api\Shape\Rail as RailShape;
use Uvret\App\Entity\Item;
use Uvret\App\Entity\Job;
use Uvret\App\Entity\JobDesign;
use Uvret\App\History\Backups;
use Uvret\App\Jobs\JobList;
use Uvret\App\Repository\JobLists;
use Uvret\App\Repository\PeopleProgress;
use Uvret\App\Repository\Stamps;
use Uvret\App\Summary\Summaries;

/** Jobs on the rail with pictures of their designs, and the totals of the work in hand. */
final readonly class Rail
{
    /** Jobs per response. */
    private const PAGE = 48;

    public function __construct(
        private JobLists $lists,
        private Summaries $summaries,
        private Backups $backups,
        private Stamps $stamps,
        private PeopleProgress $progress,
    ) {
    }

    /** @param int $from number of jobs to skip */
    public function page(JobList $list, string $find = '', int $from = 0): RailShape
    {
        $stamp = $this->stamps->ofShop();
        $rows = $this->lists->jobs($list, $find, $from, self::PAGE);
        $cards = $this->cards(\array_column($rows, 'id'));
        $people = $this->progress->counts(\array_column($rows, 'id'));
        // The totals include all jobs, not only those of this page.
        $this->summaries->complete('to cut');
        $toCut = $this->lists->toCut();
        $toPress = $this->lists->toPress();

        return new RailShape(
            stamp: $stamp,
            jobs: \array_map(static fn (array $row): JobCard => new JobCard(
                id: $row['id'],
                title: $row['title'],
                customer: $row['customer'],
                due: $row['due'],
                state: $row['state'],
                quantity: $row['quantity'],
                archived: 0 !== $row['archived'],
                people: PeopleCount::of($people[$row['id']] ?? null),
                designs: $cards[$row['id']] ?? [],
            ), $rows),
            found: $this->lists->count($list, $find),
            hanging: $this->lists->count(JobList::Rail),
            done: $this->lists->count(JobList::Done),
            archived: $this->lists->count(JobList::Archived),
            day: new DayWork(
                $toCut['film'],
                $toCut['toWeed'],
                \array_map(static fn (string $blank, int $quantity): PressCount => new PressCount($blank, $quantity), \array_keys($toPress), $toPress),
            ),
        );
    }

    public function card(Job $job): JobCard
    {
        return new JobCard(
            id: $job->id,
            title: $job->title,
            customer: $job->customer,
            due: $job->due,
            state: $job->state->value,
            quantity: $job->quantity(),
            archived: null !== $job->archivedAt,
            people: PeopleCount::of($this->progress->counts([$job->id])[$job->id] ?? null),
            designs: $this->cards([$job->id])[$job->id] ?? [],
        );
    }

    public function sheet(Job $job): JobSheet
    {
        $cards = \array_column($this->cards([$job->id])[$job->id] ?? [], null, 'id');

        return new JobSheet(
            id: $job->id,
            version: $job->version,
            title: $job->title,
            customer: $job->customer,
            due: $job->due,
            state: $job->state->value,
            archived: null !== $job->archivedAt,
            price: $job->price,
            people: PeopleCount::of($this->progress->counts([$job->id])[$job->id] ?? null),
            items: \array_values($job->items->map(static fn (Item $item): JobItem => JobItem::of($item))->toArray()),
            designs: \array_map(fn (JobDesign $design): JobSheetDesign => new JobSheetDesign(
                card: $cards[$design->id],
                version: $design->version,
                approval: Approval::of($design),
                savedAt: $design->savedAt->format(\DATE_ATOM),
                backup: null === $cards[$design->id]->unreadable ? null : $this->backups->of($design),
            ), $job->currentDesigns()),
            removed: \array_values($job->designs->filter(static fn (JobDesign $design): bool => null !== $design->removedAt)->map(
                static fn (JobDesign $design): DesignName => DesignName::of($design),
            )->toArray()),
        );
    }

    /**
     * @param list<string> $jobs
     *
     * @return array<string, list<DesignCard>> by job
     */
    private function cards(array $jobs): array
    {
        $rows = $this->lists->designs($jobs);
        $summaries = $this->summaries->of(\array_column($rows, 'step'));
        $cards = [];
        foreach ($rows as $row) {
            $cards[$row['job']][] = DesignCard::of($row['id'], $row['number'], $row['hash'], $summaries[$row['step']]);
        }

        return $cards;
    }
}
