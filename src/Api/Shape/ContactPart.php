<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;

/** A shape on a contact sheet, in the colour of its film. */
#[OA\Schema(schema: 'ContactPart', required: ['colour', 'path'])]
final readonly class ContactPart
{
    public function __construct(
        #[OA\Property]
        public string $colour,
        #[OA\Property(description: 'SVG path data in µm, y down.')]
        public string $path,
    ) {
    }
}
