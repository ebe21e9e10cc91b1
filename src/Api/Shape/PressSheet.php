<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\App\Entity\JobDesign;
use Uvret\Plan\Plan;
use Uvret\Press\Platen;
use Uvret\Press\Presses;
use Uvret\Press\PressPicture;
use Uvret\Press\PressPlan;
use Uvret\Press\PressStep;

/** Everything that At the press shows for one piece. */
#[OA\Schema(schema: 'PressSheet', required: [
    'design', 'name', 'job', 'title', 'rows', 'row', 'steps', 'seconds', 'picture', 'platen', 'press', 'presses', 'measure', 'problem', 'notes',
])]
final readonly class PressSheet
{
    /**
     * @param list<PressQueueRow>                   $rows
     * @param list<PressStepCard>                   $steps
     * @param list<array{id: string, name: string}> $presses
     * @param list<string>                          $notes
     */
    private function __construct(
        #[OA\Property]
        public string $design,
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'Design id.')]
        public string $job,
        #[OA\Property(description: 'Job id.')]
        public string $title,
        #[OA\Property(items: new OA\Items(ref: '#/components/schemas/PressQueueRow'))]
        public array $rows,
        #[OA\Property(description: 'Person shown; empty if there is none.')]
        public string $row,
        #[OA\Property(items: new OA\Items(ref: '#/components/schemas/PressStepCard'))]
        public array $steps,
        #[OA\Property(description: 'Time for one piece, including handling between steps.')]
        public int $seconds,
        #[OA\Property(description: 'SVG document: the garment with platen and distances.')]
        public string $picture,
        #[OA\Property]
        public string $platen,
        #[OA\Property(description: 'Id of the press in use.')]
        public string $press,
        #[OA\Property(description: 'The shop’s presses; none if nothing is heated.', items: new OA\Items(
            required: ['id', 'name'],
            properties: [new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'name', type: 'string')],
            type: 'object',
        ))]
        public array $presses,
        #[OA\Property(description: 'Edge that distances are measured from; empty if there is none.')]
        public string $measure,
        #[OA\Property(nullable: true)]
        public ?string $problem,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $notes,
    ) {
    }

    /** @param list<PressQueueRow> $rows */
    public static function of(JobDesign $design, array $rows, string $row, Plan $plan, PressPlan $press, Presses $presses): self
    {
        $blank = \mb_strtolower(\explode(',', $plan->design->blank->name)[0]);
        $count = \count($press->sections);
        $platen = $press->platen;
        $size = \sprintf('%d × %d', $platen->width / 1_000, $platen->height / 1_000);

        return new self(
            design: $design->id,
            name: $plan->design->name,
            job: $design->job->id,
            title: $design->job->title,
            rows: $rows,
            row: $row,
            steps: \array_map(static fn (PressStep $step): PressStepCard => new PressStepCard(
                $step->title($blank),
                $step->hint($plan->separation->marks->kind),
                $step->temperature,
                $step->seconds,
                $step->later,
                $step->pressure?->value,
                $press->times($step),
            ), $press->steps),
            seconds: $press->seconds(),
            picture: PressPicture::svg($press, $plan),
            platen: match ($count) {
                0 => 'laid on cold',
                1 => "{$platen->name}, {$size}, one pressing",
                default => "{$platen->name}, {$size}, $count sections",
            },
            press: $platen->id,
            presses: \array_map(static fn (Platen $one): array => ['id' => $one->id, 'name' => $one->name], 0 === $count ? [] : $presses->platens),
            measure: [] === $press->distances ? '' : "from the {$press->distances[0]->edge}, in {$plan->design->unit->symbol()}",
            problem: $press->problem,
            notes: $press->notes,
        );
    }
}
