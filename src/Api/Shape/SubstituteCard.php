<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;

/** A scrap of another film that would take pieces when their film runs short. Lengths are in µm. */
#[OA\Schema(schema: 'SubstituteCard', required: ['film', 'width', 'length', 'pieces'])]
final readonly class SubstituteCard
{
    public function __construct(
        #[OA\Property(description: 'Name of the film.')]
        public string $film,
        #[OA\Property]
        public int $width,
        #[OA\Property]
        public int $length,
        #[OA\Property(description: 'Number of pieces.')]
        public int $pieces,
    ) {
    }
}
