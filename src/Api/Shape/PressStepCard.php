<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;

/** One closing of the press. */
#[OA\Schema(schema: 'PressStepCard', required: ['title', 'hint', 'temperature', 'seconds', 'pressure', 'sections'])]
final readonly class PressStepCard
{
    public function __construct(
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $hint,
        #[OA\Property(description: 'In °C.')]
        public int $temperature,
        #[OA\Property]
        public int $seconds,
        #[OA\Property(enum: ['light', 'medium', 'firm'])]
        public string $pressure,
        #[OA\Property(description: 'How many sections it is pressed in.')]
        public int $sections,
    ) {
    }
}
