<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\Compose\Trace;
use Uvret\Geometry\YAxis;

/** A line’s path and edges, to be taken hold of on the stage. Lengths are in µm, y pointing down. */
#[OA\Schema(schema: 'SheetTrace', required: ['path', 'handle', 'circle', 'edges'])]
final readonly class SheetTrace
{
    /** @param list<TraceEdge> $edges */
    public function __construct(
        #[OA\Property(description: 'SVG path data; empty where the line is straight.')]
        public string $path,
        #[OA\Property(ref: '#/components/schemas/StagePoint', nullable: true)]
        public ?StagePoint $handle,
        #[OA\Property(ref: '#/components/schemas/StageCircle', nullable: true)]
        public ?StageCircle $circle,
        #[OA\Property(
            description: 'The ends and the middles of both edges; none where the line is not stretched.',
            items: new OA\Items(ref: '#/components/schemas/TraceEdge'),
        )]
        public array $edges,
    ) {
    }

    public static function of(Trace $trace): self
    {
        $points = \array_map(static fn (array $point): string => \implode(' ', YAxis::points($point)), $trace->path);

        return new self(
            [] === $points ? '' : 'M'.\implode('L', $points),
            null === $trace->handle ? null : new StagePoint($trace->handle[0], YAxis::turned($trace->handle[1])),
            null === $trace->circle ? null : new StageCircle($trace->circle[0], YAxis::turned($trace->circle[1]), $trace->circle[2]),
            \array_map(
                static fn (array $edge): TraceEdge => new TraceEdge($edge['edge'], $edge['at'], $edge['x'], YAxis::turned($edge['y']), -$edge['heading']),
                $trace->edges,
            ),
        );
    }
}
