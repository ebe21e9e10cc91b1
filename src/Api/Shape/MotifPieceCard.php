<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;

/** One piece of a motif on the stage. */
#[OA\Schema(schema: 'MotifPieceCard', required: ['colour', 'x', 'y', 'path', 'width', 'height', 'film', 'id'])]
final readonly class MotifPieceCard
{
    public function __construct(
        #[OA\Property(description: 'Index of its colour.')]
        public int $colour,
        #[OA\Property(description: 'X of a point inside it as drawn, in ten-thousandths of the motif’s width from its centre.')]
        public int $x,
        #[OA\Property(description: 'Y of that point below the centre, in ten-thousandths of the motif’s height.')]
        public int $y,
        #[OA\Property(description: 'SVG path data in µm, y down.')]
        public string $path,
        #[OA\Property(description: 'Size as drawn, in µm.')]
        public int $width,
        #[OA\Property]
        public int $height,
        #[OA\Property(description: 'Film it is cut from; empty if it is left out.')]
        public string $film,
        #[OA\Property(description: 'Its own settings; null if it has none.', nullable: true)]
        public ?string $id,
    ) {
    }
}
