<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\Cut\CutSheet;
use Uvret\Geometry\Region;

/** Shape of a layer, shared by its copies: SVG path data in µm, y up. */
#[OA\Schema(schema: 'LaidShape', required: ['ink', 'frame'])]
final readonly class LaidShape
{
    private function __construct(
        #[OA\Property]
        public string $ink,
        #[OA\Property]
        public string $frame,
    ) {
    }

    public static function of(CutSheet $sheet): self
    {
        return new self(self::path($sheet->region->union($sheet->marks)), self::path($sheet->frame));
    }

    public static function path(Region $region): string
    {
        return \implode('', \array_map(static fn (array $ring): string => CutLayerCard::path($ring), $region->rings()));
    }
}
