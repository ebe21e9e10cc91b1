<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;

/** A page of jobs, and the day’s work. */
#[OA\Schema(schema: 'Rail', required: ['stamp', 'jobs', 'found', 'hanging', 'done', 'archived', 'day'])]
final readonly class Rail
{
    /**
     * @param list<JobCard> $jobs
     */
    public function __construct(
        #[OA\Property(description: 'Changes whenever anything on the rail changes.')]
        public string $stamp,
        #[OA\Property(items: new OA\Items(ref: '#/components/schemas/JobCard'))]
        public array $jobs,
        #[OA\Property(description: 'Total number of jobs in the list; this page has some of them.')]
        public int $found,
        #[OA\Property(description: 'Number of jobs on the rail.')]
        public int $hanging,
        #[OA\Property(description: 'Number of jobs done but not archived.')]
        public int $done,
        #[OA\Property]
        public int $archived,
        #[OA\Property(ref: '#/components/schemas/DayWork')]
        public DayWork $day,
    ) {
    }
}
