<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\App\Cutting\Instructions;
use Uvret\App\Entity\CutRun;

/** A cut that is under way, or what became of it. Lengths are in µm. */
#[OA\Schema(
    schema: 'CutRunCard',
    required: ['id', 'design', 'film', 'title', 'state', 'reason', 'wanted', 'done', 'rings', 'along', 'across', 'secondsLeft', 'length', 'endedAt'],
)]
final readonly class CutRunCard
{
    private function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $design,
        #[OA\Property]
        public string $film,
        #[OA\Property]
        public string $title,
        #[OA\Property(enum: ['waiting', 'cutting', 'paused', 'stopped', 'cut', 'cancelled'])]
        public string $state,
        #[OA\Property(description: 'Why it waits or has stopped.')]
        public string $reason,
        #[OA\Property(enum: ['go', 'pause', 'cancel'])]
        public string $wanted,
        #[OA\Property(description: 'How many rings are cut.')]
        public int $done,
        #[OA\Property]
        public int $rings,
        #[OA\Property(description: 'Where the knife is along the film.')]
        public int $along,
        #[OA\Property]
        public int $across,
        #[OA\Property]
        public float $secondsLeft,
        #[OA\Property(description: 'How much of the film it takes.')]
        public int $length,
        #[OA\Property(format: 'date-time', nullable: true)]
        public ?string $endedAt,
    ) {
    }

    public static function of(CutRun $run): self
    {
        return new self(
            id: $run->id,
            design: $run->design,
            film: $run->film,
            title: $run->title,
            state: $run->state->value,
            reason: $run->reason,
            wanted: $run->wanted,
            done: $run->done,
            rings: $run->rings,
            along: $run->along,
            across: $run->across,
            secondsLeft: $run->state->isOver() ? 0.0 : \round($run->seconds * Instructions::fromJson($run->instructions)->share($run->done), 1),
            length: $run->length,
            endedAt: $run->endedAt?->format(\DATE_ATOM),
        );
    }
}
