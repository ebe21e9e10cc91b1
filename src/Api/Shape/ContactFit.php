<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\Roster\FittedLine;

/** How a line was fitted for a person. Lengths are in µm. */
#[OA\Schema(schema: 'ContactFit', required: ['line', 'width', 'letterHeight', 'squeezed', 'smaller'])]
final readonly class ContactFit
{
    public function __construct(
        #[OA\Property]
        public string $line,
        #[OA\Property]
        public int $width,
        #[OA\Property]
        public int $letterHeight,
        #[OA\Property(description: 'Width in percent of its natural width at that height.')]
        public float $squeezed,
        #[OA\Property(description: 'Whether it is smaller than set because squeezing was not enough.')]
        public bool $smaller,
    ) {
    }

    public static function of(FittedLine $line): self
    {
        return new self($line->line, $line->width, $line->letterHeight, \round($line->squeezed, 1), $line->smaller);
    }
}
