<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\Design\Film;
use Uvret\Geometry\SvgPath;
use Uvret\Separate\FilmStack;

/** A place with the same stack of films. */
#[OA\Schema(schema: 'PressedStack', required: ['films', 'thickness', 'path'])]
final readonly class PressedStack
{
    /** @param list<string> $films */
    private function __construct(
        #[OA\Property(description: 'Bottom film first.', items: new OA\Items(type: 'string'))]
        public array $films,
        #[OA\Property(description: 'Total thickness, in µm.')]
        public int $thickness,
        #[OA\Property]
        public string $path,
    ) {
    }

    public static function of(FilmStack $stack): self
    {
        return new self(
            \array_map(static fn (Film $film): string => $film->id, $stack->films),
            $stack->thickness(),
            SvgPath::inMicrometres($stack->region, 0, 0),
        );
    }
}
