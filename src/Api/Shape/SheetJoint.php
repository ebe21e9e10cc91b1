<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\Separate\FilmJoint;

/** Joint of two touching films. Lengths are in µm. */
#[OA\Schema(schema: 'SheetJoint', required: ['lower', 'upper', 'kind', 'width', 'wanted', 'safe', 'reason'])]
final readonly class SheetJoint
{
    public function __construct(
        #[OA\Property(description: 'Film pressed first.')]
        public string $lower,
        #[OA\Property]
        public string $upper,
        #[OA\Property(description: 'Kind as made.', enum: ['lay over', 'trapped', 'butted', 'gap'])]
        public string $kind,
        #[OA\Property(description: 'Width of the trap or gap.')]
        public int $width,
        #[OA\Property(description: 'Requested kind.', enum: ['lay over', 'trapped', 'butted', 'gap'])]
        public string $wanted,
        #[OA\Property(description: 'Slip tolerance before the blank shows between them.')]
        public int $safe,
        #[OA\Property(description: 'Why it differs from the request.', nullable: true)]
        public ?string $reason,
    ) {
    }

    public static function of(FilmJoint $joint): self
    {
        return new self($joint->lower->id, $joint->upper->id, $joint->kind->value, $joint->width, $joint->wanted->kind->value, $joint->safe(), $joint->reason);
    }
}
