<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\Geometry\YAxis;
use Uvret\Snags\Snag;

/** A snag with the number on its pin. */
#[OA\Schema(schema: 'SheetSnag', required: ['number', 'kind', 'blocks', 'message', 'cure', 'card', 'film', 'x', 'y', 'fixes'])]
final readonly class SheetSnag
{
    /** @param list<SheetFix> $fixes */
    public function __construct(
        #[OA\Property]
        public int $number,
        #[OA\Property]
        public string $kind,
        #[OA\Property(description: 'Whether it would spoil film or garment.')]
        public bool $blocks,
        #[OA\Property]
        public string $message,
        #[OA\Property]
        public string $cure,
        #[OA\Property(nullable: true)]
        public ?string $card,
        #[OA\Property(nullable: true)]
        public ?string $film,
        #[OA\Property(description: 'Position on the stage in µm, y down.', nullable: true)]
        public ?int $x,
        #[OA\Property(nullable: true)]
        public ?int $y,
        #[OA\Property(description: 'One-click fixes.', items: new OA\Items(ref: '#/components/schemas/SheetFix'))]
        public array $fixes,
    ) {
    }

    public static function of(int $number, Snag $snag): self
    {
        return new self(
            number: $number,
            kind: $snag->kind->value,
            blocks: $snag->kind->blocks(),
            message: $snag->message,
            cure: $snag->cure,
            card: $snag->card,
            film: $snag->film,
            x: $snag->x,
            y: null === $snag->y ? null : YAxis::turned($snag->y),
            fixes: \array_map(SheetFix::of(...), $snag->fixes),
        );
    }
}
