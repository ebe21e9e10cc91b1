<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;

/** A handle on an edge that a line fills. */
#[OA\Schema(schema: 'HandleEdge', required: ['edge', 'at', 'x', 'y', 'heading'])]
final readonly class HandleEdge
{
    public function __construct(
        #[OA\Property(enum: ['top', 'bottom'])]
        public string $edge,
        #[OA\Property(enum: ['left', 'middle', 'right'])]
        public string $at,
        #[OA\Property]
        public int $x,
        #[OA\Property]
        public int $y,
        #[OA\Property(description: 'Direction of the line there, in degrees clockwise.')]
        public float $heading,
    ) {
    }
}
