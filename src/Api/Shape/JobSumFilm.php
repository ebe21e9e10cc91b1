<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;

/** What a job takes of one film. Lengths are in µm. */
#[OA\Schema(schema: 'JobSumFilm', required: ['id', 'name', 'colour', 'length', 'cost', 'stock', 'short'])]
final readonly class JobSumFilm
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $colour,
        #[OA\Property(description: 'In rows side by side; laid out closely it is often less.')]
        public int $length,
        #[OA\Property]
        public float $cost,
        #[OA\Property(description: 'Left of the roll.')]
        public int $stock,
        #[OA\Property(description: 'What is missing of it.')]
        public int $short,
    ) {
    }
}
