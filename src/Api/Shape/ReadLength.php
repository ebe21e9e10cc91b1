<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;

/** A length that was typed, read. */
#[OA\Schema(schema: 'ReadLength', required: ['micrometres'])]
final readonly class ReadLength
{
    public function __construct(
        #[OA\Property]
        public int $micrometres,
    ) {
    }
}
