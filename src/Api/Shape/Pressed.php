<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\Plan\Plan;
use Uvret\Separate\CutLayer;
use Uvret\Separate\FilmStacks;

/** The pressed layers of a design. Lengths are in µm. */
#[OA\Schema(schema: 'Pressed', required: ['layers', 'stacks', 'thickest', 'most', 'limit'])]
final readonly class Pressed
{
    /**
     * @param list<PressedLayer> $layers in press order
     * @param list<PressedStack> $stacks thickest first
     */
    private function __construct(
        #[OA\Property(items: new OA\Items(ref: '#/components/schemas/PressedLayer'))]
        public array $layers,
        #[OA\Property(description: 'Places with the same stack of films.', items: new OA\Items(ref: '#/components/schemas/PressedStack'))]
        public array $stacks,
        #[OA\Property(description: 'Total thickness at the thickest place.')]
        public int $thickest,
        #[OA\Property(description: 'The largest number of stacked films.')]
        public int $most,
        #[OA\Property(description: 'The shop’s limit.')]
        public int $limit,
    ) {
    }

    public static function of(Plan $plan): self
    {
        $stacks = FilmStacks::of($plan->separation->layers);

        return new self(
            \array_map(static fn (CutLayer $layer): PressedLayer => PressedLayer::of($layer), $plan->separation->layers),
            \array_map(PressedStack::of(...), $stacks->stacks),
            $stacks->thickest(),
            $stacks->most(),
            $plan->design->layering->thickest,
        );
    }
}
