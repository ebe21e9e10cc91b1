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
use Uvret\App\Api\Shape\PressCount;
use Uvret\App\Api\Shape\Rail as RailShape;
use Uvret\App\Entity\Item;
use Uvret\App\Entity\Job;
use Uvret\App\Entity\JobDesign;
use Uvret\App\Entity\JobState;
use Uvret\App\Repository\Stamps;
use Uvret\Cut\CutSheet;
use Uvret\Plan\Plan;
use Uvret\Snags\Snag;

/** Jobs as they hang on the rail, each design as it will be worn, and what the work in hand comes to. */
final readonly class Rail
{
    public function __construct(
        private Drafting $drafting,
        private Stamps $stamps,
    ) {
    }

    /** @param list<Job> $jobs by due date */
    public function of(array $jobs): RailShape
    {
        $stamp = $this->stamps->ofShop();
        $cards = [];
        $film = 0;
        $toWeed = 0;
        $toPress = [];
        foreach ($jobs as $job) {
            $drafts = $this->drafts($job);
            $cards[] = $this->cardOf($job, $drafts);
            if (null !== $job->archivedAt) {
                continue;
            }
            if (JobState::ToCut === $job->state) {
                foreach ($drafts as $draft) {
                    $film += $job->quantity() * $draft->plan->filmLength();
                    $toWeed += $job->quantity() * self::toWeed($draft->plan);
                }
            }
            if (JobState::ToPress === $job->state) {
                foreach ($job->items as $item) {
                    $toPress[$item->blank] = ($toPress[$item->blank] ?? 0) + $item->quantity;
                }
            }
        }
        $counts = \array_map(static fn (string $blank, int $quantity): PressCount => new PressCount($blank, $quantity), \array_keys($toPress), $toPress);

        return new RailShape($stamp, $cards, new DayWork($film, $toWeed, $counts));
    }

    public function card(Job $job): JobCard
    {
        return $this->cardOf($job, $this->drafts($job));
    }

    public function sheet(Job $job): JobSheet
    {
        $drafts = $this->drafts($job);

        return new JobSheet(
            $job->id,
            $job->version,
            $job->title,
            $job->customer,
            $job->due->format('Y-m-d'),
            $job->state->value,
            null !== $job->archivedAt,
            \array_values($job->items->map(static fn (Item $item): JobItem => JobItem::of($item))->toArray()),
            \array_map(static fn (JobDesign $design): JobSheetDesign => new JobSheetDesign(
                DesignCard::of($design->id, $drafts[$design->id]),
                Approval::of($design),
                \count(\array_filter($drafts[$design->id]->plan->snags, static fn (Snag $snag): bool => $snag->kind->blocks())),
                $design->savedAt->format(\DATE_ATOM),
            ), $job->currentDesigns()),
            \array_values($job->designs->filter(static fn (JobDesign $design): bool => null !== $design->removedAt)->map(static fn (JobDesign $design): DesignName => DesignName::of($design))->toArray()),
        );
    }

    /** @param array<string, Draft> $drafts by the designs' ids */
    private function cardOf(Job $job, array $drafts): JobCard
    {
        return new JobCard(
            $job->id,
            $job->title,
            $job->customer,
            $job->due->format('Y-m-d'),
            $job->state->value,
            $job->quantity(),
            null !== $job->archivedAt,
            \array_map(static fn (string $id, Draft $draft): DesignCard => DesignCard::of($id, $draft), \array_keys($drafts), \array_values($drafts)),
        );
    }

    /** @return array<string, Draft> by the designs' ids */
    private function drafts(Job $job): array
    {
        $drafts = [];
        foreach ($job->currentDesigns() as $design) {
            $drafts[$design->id] = $this->drafting->draft($design->document);
        }

        return $drafts;
    }

    private static function toWeed(Plan $plan): int
    {
        return \array_sum(\array_map(static fn (CutSheet $sheet): int => $sheet->toWeed(), $plan->cutPlan->sheets));
    }
}
