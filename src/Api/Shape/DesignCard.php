<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\App\Summary\Summary;

/** Thumbnail and figures of a job's design. Lengths are in µm. */
#[OA\Schema(
    schema: 'DesignCard',
    required: ['id', 'name', 'blank', 'size', 'placement', 'across', 'down', 'unit', 'width', 'height', 'films', 'snags', 'picture', 'unreadable'],
)]
final readonly class DesignCard
{
    /** @param list<string> $films */
    private function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $blank,
        #[OA\Property]
        public string $size,
        #[OA\Property(description: 'Name of the area.')]
        public string $placement,
        #[OA\Property(description: 'Width of the area; 0 for a brim.')]
        public int $across,
        #[OA\Property(description: 'Height of the area, or width of the brim’s band.')]
        public int $down,
        #[OA\Property(enum: ['mm', 'in'])]
        public string $unit,
        #[OA\Property(description: 'Bounds of the whole blank as drawn.')]
        public int $width,
        #[OA\Property]
        public int $height,
        #[OA\Property(description: 'Names of the films cut.', items: new OA\Items(type: 'string'))]
        public array $films,
        #[OA\Property(description: 'Number of snags that would spoil film or garment.')]
        public int $snags,
        #[OA\Property(description: 'Address of an SVG picture that never changes.')]
        public string $picture,
        #[OA\Property(description: 'Why the design can’t be read; null if it can.', nullable: true)]
        public ?string $unreadable,
    ) {
    }

    /** @param string $hash of the step's document */
    public static function of(string $id, int $step, string $hash, Summary $summary): self
    {
        return new self(
            id: $id,
            name: $summary->name,
            blank: $summary->blank,
            size: $summary->size,
            placement: $summary->placement,
            across: $summary->across,
            down: $summary->down,
            unit: $summary->unit->value,
            width: $summary->width,
            height: $summary->height,
            films: $summary->films,
            snags: $summary->snags,
            picture: "/api/designs/$id/history/$step/picture.svg?of=$hash",
            unreadable: $summary->unreadable,
        );
    }
}
