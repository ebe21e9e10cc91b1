<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\Compose\Treat\Removal;
use Uvret\Geometry\SvgPath;
use Uvret\Geometry\YAxis;

/** A scrap of a treatment that was tidied away. Lengths are in µm, y down. */
#[OA\Schema(schema: 'SheetRemoval', required: ['kind', 'card', 'film', 'role', 'x', 'y', 'fills', 'kept', 'path'])]
final readonly class SheetRemoval
{
    public function __construct(
        #[OA\Property]
        public string $kind,
        #[OA\Property]
        public string $card,
        #[OA\Property]
        public string $film,
        #[OA\Property(enum: ['base', 'outline', 'shadow', 'inline'])]
        public string $role,
        #[OA\Property]
        public int $x,
        #[OA\Property]
        public int $y,
        #[OA\Property(description: 'Whether it was filled rather than removed.')]
        public bool $fills,
        #[OA\Property(description: 'Whether the user keeps it anyway.')]
        public bool $kept,
        #[OA\Property(description: 'SVG path data of the filled or removed area.')]
        public string $path,
    ) {
    }

    public static function of(Removal $removal): self
    {
        return new self(
            kind: $removal->kind->value,
            card: $removal->card,
            film: $removal->film,
            role: $removal->role->value,
            x: $removal->x,
            y: YAxis::turned($removal->y),
            fills: $removal->kind->fills(),
            kept: $removal->kept,
            path: SvgPath::inMicrometres($removal->shape, 0, 0),
        );
    }
}
