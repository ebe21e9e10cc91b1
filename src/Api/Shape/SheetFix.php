<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\Snags\SnagFix;

/** A one-click change of the snag’s card, or of the blank. */
#[OA\Schema(schema: 'SheetFix', required: ['say', 'letterHeight', 'spacing', 'heft', 'islands', 'into', 'above', 'crosses', 'settles'])]
final readonly class SheetFix
{
    public function __construct(
        #[OA\Property]
        public string $say,
        #[OA\Property(description: 'New cap height in µm; null to keep it.', nullable: true)]
        public ?int $letterHeight,
        #[OA\Property(description: 'New letter spacing in thousandths of the em; null to keep it.', nullable: true)]
        public ?int $spacing,
        #[OA\Property(description: 'New heft (growth on either side of a stroke) in µm; null to keep it.', nullable: true)]
        public ?int $heft,
        #[OA\Property(
            description: 'New treatment of islands; null to keep it.',
            enum: ['keep', 'drop', 'bridge', 'bridge or drop'],
            nullable: true,
        )]
        public ?string $islands,
        #[OA\Property(description: 'Card to set it into, if any.', nullable: true)]
        public ?string $into,
        #[OA\Property(description: 'Card to bring it in front of, if any.', nullable: true)]
        public ?string $above,
        #[OA\Property(description: 'Keep-off place to allow, if any.', nullable: true)]
        public ?string $crosses,
        #[OA\Property(description: 'Whether it accepts the new look of an older design.')]
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
