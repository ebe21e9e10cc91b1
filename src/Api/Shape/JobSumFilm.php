<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;

/** A job's need of one film. Lengths are in µm. */
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
        #[OA\Property(description: 'Length with copies in rows; nesting often needs less.')]
        public int $length,
        #[OA\Property]
        public float $cost,
        #[OA\Property(description: 'Length left on the roll.')]
        public int $stock,
        #[OA\Property(description: 'Missing length.')]
        public int $short,
    ) {
    }
}
