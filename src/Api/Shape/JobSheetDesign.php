<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;

/** A design on its job’s sheet. */
#[OA\Schema(schema: 'JobSheetDesign', required: ['card', 'version', 'approval', 'savedAt', 'backup'])]
final readonly class JobSheetDesign
{
    public function __construct(
        #[OA\Property(ref: '#/components/schemas/DesignCard')]
        public DesignCard $card,
        #[OA\Property]
        public int $version,
        #[OA\Property(ref: '#/components/schemas/Approval', nullable: true)]
        public ?Approval $approval,
        #[OA\Property(format: 'date-time')]
        public string $savedAt,
        #[OA\Property(description: 'For a design that can’t be read: the latest history step that can.', nullable: true)]
        public ?int $backup,
    ) {
    }
}
