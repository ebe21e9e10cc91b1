<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;

/** Response to a save: the new version and the sheet. */
#[OA\Schema(schema: 'SavedDesign', required: ['version', 'savedAt', 'step', 'canUndo', 'canRedo', 'sheet'])]
final readonly class SavedDesign
{
    public function __construct(
        #[OA\Property]
        public int $version,
        #[OA\Property(format: 'date-time')]
        public string $savedAt,
        #[OA\Property]
        public int $step,
        #[OA\Property]
        public bool $canUndo,
        #[OA\Property]
        public bool $canRedo,
        #[OA\Property(ref: '#/components/schemas/Sheet')]
        public Sheet $sheet,
    ) {
    }
}
