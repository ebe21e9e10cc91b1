<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;

/** What a job comes to: film, time, and what it costs. Lengths are in µm. */
#[OA\Schema(schema: 'JobSum', required: ['films', 'pieces', 'people', 'cut', 'weed', 'press', 'toWeed', 'film', 'rate', 'cost'])]
final readonly class JobSum
{
    /** @param list<JobSumFilm> $films */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: '#/components/schemas/JobSumFilm'))]
        public array $films,
        #[OA\Property(description: 'How many are pressed.')]
        public int $pieces,
        #[OA\Property(description: 'On the list of names; 0 where it has none.')]
        public int $people,
        #[OA\Property(description: 'Seconds at the cutter.')]
        public int $cut,
        #[OA\Property(description: 'Seconds of weeding.')]
        public int $weed,
        #[OA\Property(description: 'Seconds at the press.')]
        public int $press,
        #[OA\Property(description: 'Pieces of waste to pick out.')]
        public int $toWeed,
        #[OA\Property(description: 'What the film costs.')]
        public float $film,
        #[OA\Property(description: 'What an hour of work costs; 0 where it is not reckoned with.')]
        public float $rate,
        #[OA\Property(description: 'Of film and work; null where the shop has set no hourly rate.', nullable: true)]
        public ?float $cost,
    ) {
    }
}
