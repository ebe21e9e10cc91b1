<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\Geometry\SvgPath;
use Uvret\Separate\Slip\Slip;

/** What shows when a film is pressed off register. Lengths are in µm, y down. */
#[OA\Schema(schema: 'SlipResult', required: ['film', 'dx', 'dy', 'bare', 'wrong', 'bareArea', 'wrongArea', 'widest', 'needs', 'safe'])]
final readonly class SlipResult
{
    private function __construct(
        #[OA\Property]
        public string $film,
        #[OA\Property]
        public int $dx,
        #[OA\Property]
        public int $dy,
        #[OA\Property(description: 'SVG path data of the blank showing between films.')]
        public string $bare,
        #[OA\Property(description: 'SVG path data of a film showing that should be covered.')]
        public string $wrong,
        #[OA\Property(description: 'Area of blank showing, in mm².')]
        public float $bareArea,
        #[OA\Property(description: 'Area of film showing, in mm².')]
        public float $wrongArea,
        #[OA\Property(description: 'Width of the widest such place.')]
        public int $widest,
        #[OA\Property(description: 'Trap needed to hide the blank; 0 if it does not show.')]
        public int $needs,
        #[OA\Property(description: 'Slip tolerance in any direction before the blank shows.')]
        public int $safe,
    ) {
    }

    public static function of(Slip $slip, int $safe): self
    {
        return new self(
            film: $slip->film,
            dx: $slip->dx,
            dy: -$slip->dy,
            bare: SvgPath::inMicrometres($slip->bare, 0, 0),
            wrong: SvgPath::inMicrometres($slip->wrong, 0, 0),
            bareArea: \round($slip->bare->area() / 1e6, 2),
            wrongArea: \round($slip->wrong->area() / 1e6, 2),
            widest: $slip->widest,
            needs: $slip->needs(),
            safe: $safe,
        );
    }
}
