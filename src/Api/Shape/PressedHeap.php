<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\Design\Film;
use Uvret\Geometry\SvgPath;
use Uvret\Separate\Heap;

/** A place where the same films lie on one another. */
#[OA\Schema(schema: 'PressedHeap', required: ['films', 'thickness', 'path'])]
final readonly class PressedHeap
{
    /** @param list<string> $films */
    private function __construct(
        #[OA\Property(description: 'Bottom film first.', items: new OA\Items(type: 'string'))]
        public array $films,
        #[OA\Property(description: 'Of all films together, in µm.')]
        public int $thickness,
        #[OA\Property]
        public string $path,
    ) {
    }

    public static function of(Heap $heap): self
    {
        return new self(\array_map(static fn (Film $film): string => $film->id, $heap->films), $heap->thickness(), SvgPath::inMicrometres($heap->region, 0, 0));
    }
}
