<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;

/** Letters moved so that they join, and the changes made. */
#[OA\Schema(schema: 'MendedJoins', required: ['letters', 'said'])]
final readonly class MendedJoins
{
    /**
     * @param list<object> $letters
     * @param list<string> $said
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: '#/components/schemas/DesignLetter'))]
        public array $letters,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $said,
    ) {
    }
}
