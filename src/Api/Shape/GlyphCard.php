<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;

/** A glyph of a font, shown in the picker. */
#[OA\Schema(schema: 'GlyphCard', required: ['glyph', 'name', 'path', 'left', 'top', 'width', 'height'])]
final readonly class GlyphCard
{
    public function __construct(
        #[OA\Property]
        public int $glyph,
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'SVG path data, y down.')]
        public string $path,
        #[OA\Property]
        public int $left,
        #[OA\Property]
        public int $top,
        #[OA\Property]
        public int $width,
        #[OA\Property]
        public int $height,
    ) {
    }
}
