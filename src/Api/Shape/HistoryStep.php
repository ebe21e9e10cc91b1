<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\App\Entity\DesignStep;
use Uvret\App\Entity\JobDesign;

/** A point in a design's history. */
#[OA\Schema(schema: 'HistoryStep', required: ['number', 'parent', 'name', 'madeAt', 'current', 'picture'])]
final readonly class HistoryStep
{
    public function __construct(
        #[OA\Property]
        public int $number,
        #[OA\Property(description: 'Previous step; 0 for the first.')]
        public int $parent,
        #[OA\Property(nullable: true)]
        public ?string $name,
        #[OA\Property(format: 'date-time')]
        public string $madeAt,
        #[OA\Property(description: 'Whether this is the current step.')]
        public bool $current,
        #[OA\Property(description: 'Address of an SVG picture that never changes.')]
        public string $picture,
    ) {
    }

    /** @param array{number: int, parent: int, name: string|null, made_at: string, hash: string} $row of the history */
    public static function ofRow(JobDesign $design, array $row): self
    {
        return self::made($design, $row['number'], $row['parent'], $row['name'], new \DateTimeImmutable($row['made_at']), $row['hash']);
    }

    public static function of(DesignStep $step): self
    {
        return self::made($step->design, $step->number, $step->parent, $step->name, $step->madeAt, $step->hash);
    }

    private static function made(JobDesign $design, int $number, int $parent, ?string $name, \DateTimeImmutable $at, string $hash): self
    {
        return new self(
            number: $number,
            parent: $parent,
            name: $name,
            madeAt: $at->format(\DATE_ATOM),
            current: $number === $design->step,
            picture: "/api/designs/$design->id/history/$number/picture.svg?of=$hash",
        );
    }
}
