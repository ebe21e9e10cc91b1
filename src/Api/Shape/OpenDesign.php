<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;

/** A design opened on the Bench. */
#[OA\Schema(
    schema: 'OpenDesign',
    required: ['id', 'jobId', 'jobTitle', 'version', 'savedAt', 'step', 'canUndo', 'canRedo', 'approval', 'siblings', 'document', 'sheet'],
)]
final readonly class OpenDesign
{
    /** @param list<DesignName> $siblings */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $jobId,
        #[OA\Property]
        public string $jobTitle,
        #[OA\Property]
        public int $version,
        #[OA\Property(format: 'date-time')]
        public string $savedAt,
        #[OA\Property(description: 'Current history step.')]
        public int $step,
        #[OA\Property]
        public bool $canUndo,
        #[OA\Property]
        public bool $canRedo,
        #[OA\Property(ref: '#/components/schemas/Approval', nullable: true)]
        public ?Approval $approval,
        #[OA\Property(description: 'All designs of the job, including this one.', items: new OA\Items(ref: '#/components/schemas/DesignName'))]
        public array $siblings,
        #[OA\Property(ref: '#/components/schemas/Design')]
        public object $document,
        #[OA\Property(ref: '#/components/schemas/Sheet')]
        public Sheet $sheet,
    ) {
    }
}
