<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;

/** A job on the rail. */
#[OA\Schema(schema: 'JobCard', required: ['id', 'title', 'customer', 'due', 'state', 'quantity', 'archived', 'people', 'designs'])]
final readonly class JobCard
{
    /** @param list<DesignCard> $designs */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $customer,
        #[OA\Property(format: 'date')]
        public string $due,
        #[OA\Property(enum: ['to design', 'to approve', 'to cut', 'to press', 'done'])]
        public string $state,
        #[OA\Property(description: 'Number of blanks to press.')]
        public int $quantity,
        #[OA\Property]
        public bool $archived,
        #[OA\Property(description: 'Null if the job has no list of names.', ref: '#/components/schemas/PeopleCount', nullable: true)]
        public ?PeopleCount $people,
        #[OA\Property(items: new OA\Items(ref: '#/components/schemas/DesignCard'))]
        public array $designs,
    ) {
    }
}
