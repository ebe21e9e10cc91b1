<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\App\Entity\JobDesign;
use Uvret\Plan\Plan;
use Uvret\Press\PressPicture;
use Uvret\Press\PressPlan;
use Uvret\Press\PressStep;
use Uvret\Press\StepKind;

/** All that the page at the press shows of one piece. */
#[OA\Schema(schema: 'PressSheet', required: [
    'design', 'name', 'job', 'title', 'rows', 'row', 'steps', 'seconds', 'picture', 'platen', 'measure', 'problem', 'notes',
])]
final readonly class PressSheet
{
    /**
     * @param list<PressQueueRow> $rows
     * @param list<PressStepCard> $steps
     * @param list<string>        $notes
     */
    private function __construct(
        #[OA\Property]
        public string $design,
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'Its id.')]
        public string $job,
        #[OA\Property(description: 'Of the job.')]
        public string $title,
        #[OA\Property(items: new OA\Items(ref: '#/components/schemas/PressQueueRow'))]
        public array $rows,
        #[OA\Property(description: 'The one that is shown; empty where there is none.')]
        public string $row,
        #[OA\Property(items: new OA\Items(ref: '#/components/schemas/PressStepCard'))]
        public array $steps,
        #[OA\Property(description: 'For one piece, with the moments between steps.')]
        public int $seconds,
        #[OA\Property(description: 'The garment with platen and distances: an SVG document.')]
        public string $picture,
        #[OA\Property]
        public string $platen,
        #[OA\Property(description: 'From where is measured; empty where there is no edge.')]
        public string $measure,
        #[OA\Property(nullable: true)]
        public ?string $problem,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $notes,
    ) {
    }

    /** @param list<PressQueueRow> $rows */
    public static function of(JobDesign $design, array $rows, string $row, Plan $plan, PressPlan $press): self
    {
        $blank = \mb_strtolower(\explode(',', $plan->design->blank->name)[0]);
        $count = \count($press->sections);
        $platen = $press->platen;

        return new self(
            design: $design->id,
            name: $plan->design->name,
            job: $design->job->id,
            title: $design->job->title,
            rows: $rows,
            row: $row,
            steps: \array_map(static fn (PressStep $step): PressStepCard => new PressStepCard(
                $step->title($blank),
                $step->hint(PressPicture::onMarks($plan)),
                $step->temperature,
                $step->seconds,
                $step->pressure->value,
                StepKind::Warm === $step->kind ? 1 : $count,
            ), $press->steps),
            seconds: $press->seconds(),
            picture: PressPicture::svg($press, $plan),
            platen: \sprintf('platen %d × %d, %s', $platen->width / 1_000, $platen->height / 1_000, 1 === $count ? 'one pressing' : "$count sections"),
            measure: [] === $press->distances ? '' : "from the {$press->distances[0]->edge}, in {$plan->design->unit->symbol()}",
            problem: $press->problem,
            notes: $press->notes,
        );
    }
}
