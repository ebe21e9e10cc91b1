<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;

/** Totals of a job: film, time and cost. Lengths are in µm. */
#[OA\Schema(schema: 'JobSum', required: ['films', 'pieces', 'people', 'cut', 'weed', 'press', 'toWeed', 'film', 'rate', 'cost'])]
final readonly class JobSum
{
    /** @param list<JobSumFilm> $films */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: '#/components/schemas/JobSumFilm'))]
        public array $films,
        #[OA\Property(description: 'Number of pieces pressed.')]
        public int $pieces,
        #[OA\Property(description: 'Number of people on the list of names; 0 without a list.')]
        public int $people,
        #[OA\Property(description: 'Cutting time in seconds.')]
        public int $cut,
        #[OA\Property(description: 'Weeding time in seconds.')]
        public int $weed,
        #[OA\Property(description: 'Pressing time in seconds.')]
        public int $press,
        #[OA\Property(description: 'Pieces of waste to pick out.')]
        public int $toWeed,
        #[OA\Property(description: 'Film cost.')]
        public float $film,
        #[OA\Property(description: 'Hourly rate; 0 if none is set.')]
        public float $rate,
        #[OA\Property(description: 'Cost of film and work; null if the shop has no hourly rate.', nullable: true)]
        public ?float $cost,
    ) {
    }
}
