<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\App\Entity\JobDesign;

/** What the customer approved. */
#[OA\Schema(schema: 'Approval', required: ['by', 'at', 'step', 'current'])]
final readonly class Approval
{
    public function __construct(
        #[OA\Property]
        public string $by,
        #[OA\Property(format: 'date-time')]
        public string $at,
        #[OA\Property(description: 'Approved history step.')]
        public int $step,
        #[OA\Property(description: 'Whether the design is unchanged since.')]
        public bool $current,
    ) {
    }

    public static function of(JobDesign $design): ?self
    {
        $approved = $design->approved();

        return null === $approved
            ? null
            : new self((string) $approved->by, (string) $approved->at?->format(\DATE_ATOM), $approved->step, $approved->step === $design->step);
    }
}
