<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;

/** A line in another font, at the same ink width. */
#[OA\Schema(schema: 'TryOut', required: ['font', 'path', 'frame', 'thinnest', 'toWeed', 'snags'])]
final readonly class TryOut
{
    /** @param list<string> $snags */
    public function __construct(
        #[OA\Property]
        public string $font,
        #[OA\Property(description: 'SVG path data in µm, y down.')]
        public string $path,
        #[OA\Property(ref: '#/components/schemas/Frame', nullable: true)]
        public ?Frame $frame,
        #[OA\Property(description: 'Thinnest stroke at this size, in µm.')]
        public int $thinnest,
        #[OA\Property]
        public int $toWeed,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $snags,
    ) {
    }
}
