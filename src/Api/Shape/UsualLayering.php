<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;

/** The shop’s default layering of films. */
#[OA\Schema(schema: 'UsualLayering', required: ['layering'])]
final readonly class UsualLayering
{
    public function __construct(
        #[OA\Property(ref: '#/components/schemas/DesignLayering')]
        public object $layering,
    ) {
    }
}
