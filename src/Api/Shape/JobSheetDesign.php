<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;

/** A design on its job’s sheet. */
#[OA\Schema(schema: 'JobSheetDesign', required: ['card', 'approval', 'blockingSnags', 'savedAt'])]
final readonly class JobSheetDesign
{
    public function __construct(
        #[OA\Property(ref: '#/components/schemas/DesignCard')]
        public DesignCard $card,
        #[OA\Property(ref: '#/components/schemas/Approval', nullable: true)]
        public ?Approval $approval,
        #[OA\Property]
        public int $blockingSnags,
        #[OA\Property(format: 'date-time')]
        public string $savedAt,
    ) {
    }
}
