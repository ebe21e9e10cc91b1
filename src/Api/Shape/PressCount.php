<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;

/** Number of a blank to press. */
#[OA\Schema(schema: 'PressCount', required: ['blank', 'quantity'])]
final readonly class PressCount
{
    public function __construct(
        #[OA\Property]
        public string $blank,
        #[OA\Property]
        public int $quantity,
    ) {
    }
}
