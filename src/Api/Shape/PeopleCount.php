<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\App\Entity\PersonState;

/** Number of people of a job’s list by state. */
#[OA\Schema(schema: 'PeopleCount', required: ['toCut', 'cut', 'weeded', 'pressed'])]
final readonly class PeopleCount
{
    private function __construct(
        #[OA\Property]
        public int $toCut,
        #[OA\Property]
        public int $cut,
        #[OA\Property]
        public int $weeded,
        #[OA\Property]
        public int $pressed,
    ) {
    }

    /** @param array<string, int> $counts by state; null if the job has no list */
    public static function of(?array $counts): ?self
    {
        return null === $counts ? null : new self(
            toCut: $counts[PersonState::ToCut->value] ?? 0,
            cut: $counts[PersonState::Cut->value] ?? 0,
            weeded: $counts[PersonState::Weeded->value] ?? 0,
            pressed: $counts[PersonState::Pressed->value] ?? 0,
        );
    }
}
