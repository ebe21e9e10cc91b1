<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\Plan\Plan;
use Uvret\Separate\CutLayer;
use Uvret\Separate\Pile;

/** The layers of a design as pressed on one another. Lengths are in µm. */
#[OA\Schema(schema: 'Pressed', required: ['layers', 'heaps', 'thickest', 'most', 'limit'])]
final readonly class Pressed
{
    /**
     * @param list<PressedLayer> $layers in press order, the first one first
     * @param list<PressedHeap>  $heaps  the thickest first
     */
    private function __construct(
        #[OA\Property(items: new OA\Items(ref: '#/components/schemas/PressedLayer'))]
        public array $layers,
        #[OA\Property(description: 'Places with the same films on one another.', items: new OA\Items(ref: '#/components/schemas/PressedHeap'))]
        public array $heaps,
        #[OA\Property(description: 'All films together where they are thickest.')]
        public int $thickest,
        #[OA\Property(description: 'The most films on one another.')]
        public int $most,
        #[OA\Property(description: 'What the shop allows.')]
        public int $limit,
    ) {
    }

    public static function of(Plan $plan): self
    {
        $pile = Pile::of($plan->separation->layers);

        return new self(
            \array_map(static fn (CutLayer $layer): PressedLayer => PressedLayer::of($layer), $plan->separation->layers),
            \array_map(PressedHeap::of(...), $pile->heaps),
            $pile->thickest(),
            $pile->most(),
            $plan->design->layering->thickest,
        );
    }
}
