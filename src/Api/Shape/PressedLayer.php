<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\Geometry\SvgPath;
use Uvret\Separate\CutLayer;

/** A film's layer, as pressed on the blank. */
#[OA\Schema(schema: 'PressedLayer', required: ['film', 'path'])]
final readonly class PressedLayer
{
    private function __construct(
        #[OA\Property]
        public string $film,
        #[OA\Property(description: 'SVG path data in µm from the middle of the area’s top edge, y down.')]
        public string $path,
    ) {
    }

    public static function of(CutLayer $layer): self
    {
        return new self($layer->film->id, SvgPath::inMicrometres($layer->region, 0, 0));
    }
}
