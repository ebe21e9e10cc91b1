<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;

/** The jobs as they hang by due date, and the day’s work. */
#[OA\Schema(schema: 'Rail', required: ['stamp', 'jobs', 'day'])]
final readonly class Rail
{
    /**
     * @param list<JobCard> $jobs
     */
    public function __construct(
        #[OA\Property(description: 'Differs as soon as anything on the rail was changed.')]
        public string $stamp,
        #[OA\Property(items: new OA\Items(ref: '#/components/schemas/JobCard'))]
        public array $jobs,
        #[OA\Property(ref: '#/components/schemas/DayWork')]
        public DayWork $day,
    ) {
    }
}
