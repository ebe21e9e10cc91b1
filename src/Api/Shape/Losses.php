<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;

/** What is too thin to cut or too small to weed. */
#[OA\Schema(schema: 'Losses', required: ['path', 'snags'])]
final readonly class Losses
{
    /** @param list<SheetSnag> $snags numbered after those of the sheet */
    public function __construct(
        #[OA\Property(description: 'SVG path data in µm of everything too thin or too small, y down.')]
        public string $path,
        #[OA\Property(items: new OA\Items(ref: '#/components/schemas/SheetSnag'))]
        public array $snags,
    ) {
    }
}
