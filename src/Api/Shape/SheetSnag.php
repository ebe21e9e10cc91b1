<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\Snags\Snag;

/** A snag with its number, as on its pin. */
#[OA\Schema(schema: 'SheetSnag', required: ['number', 'kind', 'blocks', 'message', 'cure', 'line', 'film', 'x', 'y'])]
final readonly class SheetSnag
{
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
        public ?string $line,
        #[OA\Property(nullable: true)]
        public ?string $film,
        #[OA\Property(description: 'Where on the stage, in µm, y pointing down.', nullable: true)]
        public ?int $x,
        #[OA\Property(nullable: true)]
        public ?int $y,
    ) {
    }

    public static function of(int $number, Snag $snag): self
    {
        return new self($number, $snag->kind->value, $snag->kind->blocks(), $snag->message, $snag->cure, $snag->line, $snag->film, $snag->x, null === $snag->y ? null : -$snag->y);
    }
}
