<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;

/** A whole job. */
#[OA\Schema(schema: 'JobSheet', required: ['id', 'version', 'title', 'customer', 'due', 'state', 'archived', 'price', 'people', 'items', 'designs', 'removed'])]
final readonly class JobSheet
{
    /**
     * @param list<JobItem>        $items
     * @param list<JobSheetDesign> $designs
     * @param list<DesignName>     $removed
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public int $version,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $customer,
        #[OA\Property(format: 'date')]
        public string $due,
        #[OA\Property(enum: ['to design', 'to approve', 'to cut', 'to press', 'done'])]
        public string $state,
        #[OA\Property]
        public bool $archived,
        #[OA\Property(description: 'Price of the whole job; 0 if none is agreed.')]
        public float $price,
        #[OA\Property(description: 'Null if the job has no list of names.', ref: '#/components/schemas/PeopleCount', nullable: true)]
        public ?PeopleCount $people,
        #[OA\Property(items: new OA\Items(ref: '#/components/schemas/JobItem'))]
        public array $items,
        #[OA\Property(items: new OA\Items(ref: '#/components/schemas/JobSheetDesign'))]
        public array $designs,
        #[OA\Property(items: new OA\Items(ref: '#/components/schemas/DesignName'))]
        public array $removed,
    ) {
    }
}
