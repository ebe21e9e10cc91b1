<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;

/** The cutter, and its current and finished cuts. */
#[OA\Schema(schema: 'CutRoom', required: ['cutter', 'panel', 'runs', 'over'])]
final readonly class CutRoom
{
    /**
     * @param list<CutRunCard> $runs
     * @param list<CutRunCard> $over
     */
    public function __construct(
        #[OA\Property(ref: '#/components/schemas/LoadedCutter', nullable: true)]
        public ?LoadedCutter $cutter,
        #[OA\Property(description: 'Address of the cutter’s front panel.')]
        public string $panel,
        #[OA\Property(description: 'Unfinished runs, oldest first.', items: new OA\Items(ref: '#/components/schemas/CutRunCard'))]
        public array $runs,
        #[OA\Property(description: 'Latest finished runs.', items: new OA\Items(ref: '#/components/schemas/CutRunCard'))]
        public array $over,
    ) {
    }
}
