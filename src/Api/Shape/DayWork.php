<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;

/** Totals of the jobs in hand. Lengths are in µm. */
#[OA\Schema(schema: 'DayWork', required: ['filmLength', 'toWeed', 'toPress'])]
final readonly class DayWork
{
    /**
     * @param list<PressCount> $toPress
     */
    public function __construct(
        #[OA\Property(description: 'Of jobs to cut.')]
        public int $filmLength,
        #[OA\Property]
        public int $toWeed,
        #[OA\Property(items: new OA\Items(ref: '#/components/schemas/PressCount'))]
        public array $toPress,
    ) {
    }
}
