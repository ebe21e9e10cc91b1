<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\Snags\SnagFix;

/** A change of the snag’s card, or of the blank, that mends it. */
#[OA\Schema(schema: 'SheetFix', required: ['say', 'letterHeight', 'spacing', 'heft', 'islands', 'into', 'above', 'crosses', 'settles'])]
final readonly class SheetFix
{
    public function __construct(
        #[OA\Property]
        public string $say,
        #[OA\Property(description: 'The size that letters H get, in µm; null where it stays.', nullable: true)]
        public ?int $letterHeight,
        #[OA\Property(description: 'The tracking in thousandths of the em; null where it stays.', nullable: true)]
        public ?int $spacing,
        #[OA\Property(description: 'How much the strokes are grown on either side, in µm; null where it stays.', nullable: true)]
        public ?int $heft,
        #[OA\Property(
            description: 'What becomes of the islands of what is cut out; null where that stays.',
            enum: ['keep', 'drop', 'bridge', 'bridge or drop'],
            nullable: true,
        )]
        public ?string $islands,
        #[OA\Property(description: 'The card that it gets set into; null where it is not.', nullable: true)]
        public ?string $into,
        #[OA\Property(description: 'The card that it is brought forward of; null where it stays at its depth.', nullable: true)]
        public ?string $above,
        #[OA\Property(description: 'The place to keep off that lettering may run across; null where none is allowed.', nullable: true)]
        public ?string $crosses,
        #[OA\Property(description: 'Whether how films used to cover one another is settled by it.')]
        public bool $settles,
    ) {
    }

    public static function of(SnagFix $fix): self
    {
        return new self(
            say: $fix->say,
            letterHeight: $fix->letterHeight,
            spacing: $fix->spacing,
            heft: $fix->heft,
            islands: $fix->islands,
            into: $fix->into,
            above: $fix->above,
            crosses: $fix->crosses,
            settles: $fix->settles,
        );
    }
}
