<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;

/** A circle of the stage, in µm, y down. */
#[OA\Schema(schema: 'StageCircle', required: ['x', 'y', 'radius'])]
final readonly class StageCircle
{
    public function __construct(
        #[OA\Property]
        public int $x,
        #[OA\Property]
        public int $y,
        #[OA\Property]
        public int $radius,
    ) {
    }
}
