<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;

/** Changes with every change. */
#[OA\Schema(schema: 'Stamp', required: ['stamp'])]
final readonly class Stamp
{
    public function __construct(
        #[OA\Property]
        public string $stamp,
    ) {
    }
}
