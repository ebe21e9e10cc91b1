<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\App\Entity\DesignStep;

/** A point in a design's history. */
#[OA\Schema(schema: 'HistoryStep', required: ['number', 'parent', 'name', 'madeAt', 'current'])]
final readonly class HistoryStep
{
    public function __construct(
        #[OA\Property]
        public int $number,
        #[OA\Property(description: 'The step that it was made from; 0 for the first.')]
        public int $parent,
        #[OA\Property(nullable: true)]
        public ?string $name,
        #[OA\Property(format: 'date-time')]
        public string $madeAt,
        #[OA\Property(description: 'Whether the design is at this step.')]
        public bool $current,
    ) {
    }

    public static function of(DesignStep $step): self
    {
        return new self($step->number, $step->parent, $step->name, $step->madeAt->format(\DATE_ATOM), $step->number === $step->design->step);
    }
}
