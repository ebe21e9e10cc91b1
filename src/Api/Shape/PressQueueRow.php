<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;

/** A person or identical pieces in the press queue. */
#[OA\Schema(schema: 'PressQueueRow', required: ['id', 'name', 'about', 'count', 'state', 'at'])]
final readonly class PressQueueRow
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'Size, if any.')]
        public string $about,
        #[OA\Property(description: 'Number of identical pieces.')]
        public int $count,
        #[OA\Property(enum: ['to cut', 'cut', 'weeded', 'pressed'])]
        public string $state,
        #[OA\Property(description: 'Waiting since.', format: 'date-time', nullable: true)]
        public ?string $at,
    ) {
    }
}
