<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;

/** One step at the press. */
#[OA\Schema(schema: 'PressStepCard', required: ['title', 'hint', 'temperature', 'seconds', 'later', 'pressure', 'sections'])]
final readonly class PressStepCard
{
    public function __construct(
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $hint,
        #[OA\Property(description: 'In °C; null if nothing is heated.', nullable: true)]
        public ?int $temperature,
        #[OA\Property(description: '0 for a manual step.')]
        public int $seconds,
        #[OA\Property(description: 'Seconds in every section after the first.')]
        public int $later,
        #[OA\Property(enum: ['light', 'medium', 'firm'], nullable: true)]
        public ?string $pressure,
        #[OA\Property(description: 'Number of sections.')]
        public int $sections,
    ) {
    }
}
