<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;

/** A point of the stage, in µm, y down. */
#[OA\Schema(schema: 'StagePoint', required: ['x', 'y'])]
final readonly class StagePoint
{
    public function __construct(
        #[OA\Property]
        public int $x,
        #[OA\Property]
        public int $y,
    ) {
    }
}
