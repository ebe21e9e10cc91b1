<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\Compose\PathHandles;
use Uvret\Geometry\YAxis;

/** Handles of a line’s path and edges on the stage. Lengths are in µm, y down. */
#[OA\Schema(schema: 'SheetHandles', required: ['path', 'middle', 'circle', 'edges'])]
final readonly class SheetHandles
{
    /** @param list<HandleEdge> $edges */
    public function __construct(
        #[OA\Property(description: 'SVG path data; empty where the line is straight.')]
        public string $path,
        #[OA\Property(ref: '#/components/schemas/StagePoint', nullable: true)]
        public ?StagePoint $middle,
        #[OA\Property(ref: '#/components/schemas/StageCircle', nullable: true)]
        public ?StageCircle $circle,
        #[OA\Property(
            description: 'Ends and middles of both edges; none if the line does not fill anything.',
            items: new OA\Items(ref: '#/components/schemas/HandleEdge'),
        )]
        public array $edges,
    ) {
    }

    public static function of(PathHandles $handles): self
    {
        $points = \array_map(static fn (array $point): string => \implode(' ', YAxis::points($point)), $handles->path);

        return new self(
            [] === $points ? '' : 'M'.\implode('L', $points),
            null === $handles->middle ? null : new StagePoint($handles->middle[0], YAxis::turned($handles->middle[1])),
            null === $handles->circle ? null : new StageCircle($handles->circle[0], YAxis::turned($handles->circle[1]), $handles->circle[2]),
            \array_map(
                static fn (array $edge): HandleEdge => new HandleEdge($edge['edge'], $edge['at'], $edge['x'], YAxis::turned($edge['y']), -$edge['heading']),
                $handles->edges,
            ),
        );
    }
}
