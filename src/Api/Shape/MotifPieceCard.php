<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;

/** One piece of a motif, as it lies on the stage. */
#[OA\Schema(schema: 'MotifPieceCard', required: ['colour', 'x', 'y', 'path', 'width', 'height', 'film', 'id'])]
final readonly class MotifPieceCard
{
    public function __construct(
        #[OA\Property(description: 'The place of its colour.')]
        public int $colour,
        #[OA\Property(description: 'A point in it as it was drawn, in ten-thousandths of the motif’s width from its middle.')]
        public int $x,
        #[OA\Property(description: 'The same point below the motif’s middle, in ten-thousandths of its height.')]
        public int $y,
        #[OA\Property(description: 'SVG path data in µm, y pointing down.')]
        public string $path,
        #[OA\Property(description: 'As it was drawn, in µm.')]
        public int $width,
        #[OA\Property]
        public int $height,
        #[OA\Property(description: 'The film that it is cut from; empty where it is left out.')]
        public string $film,
        #[OA\Property(description: 'What is otherwise for it; null where nothing is.', nullable: true)]
        public ?string $id,
    ) {
    }
}
