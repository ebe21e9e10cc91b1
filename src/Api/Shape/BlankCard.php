<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;

/** A blank that the shop decorates. Its fabric and placements are entries of a design document. */
#[OA\Schema(schema: 'BlankCard', required: ['id', 'name', 'drawing', 'fabrics', 'sizes'], properties: [
    new OA\Property(property: 'id', type: 'string'),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'drawing', ref: '#/components/schemas/DesignDrawing'),
    new OA\Property(property: 'fabrics', type: 'array', items: new OA\Items(ref: '#/components/schemas/DesignFabric')),
    new OA\Property(property: 'sizes', type: 'array', items: new OA\Items(
        required: ['size', 'width', 'placements'],
        properties: [
            new OA\Property(property: 'size', type: 'string'),
            new OA\Property(property: 'width', description: 'Across, in µm.', type: 'integer'),
            new OA\Property(property: 'placements', type: 'array', items: new OA\Items(ref: '#/components/schemas/DesignPlacement')),
        ],
        type: 'object',
    )),
], type: 'object')]
final readonly class BlankCard
{
}
