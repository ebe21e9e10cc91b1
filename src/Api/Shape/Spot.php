<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;

/** A position on film that a person chooses for a piece. Lengths are in µm. */
#[OA\Schema(schema: 'Spot', required: ['stock', 'turn', 'x', 'y'], properties: [
    new OA\Property(property: 'pinned', description: 'Whether it keeps its position when the rest is laid out again.', type: 'boolean'),
])]
final readonly class Spot
{
    private const MOST = 1_000_000_000;

    private function __construct(
        #[OA\Property(description: 'Roll or scrap.')]
        public string $stock,
        #[OA\Property(description: 'In degrees, anticlockwise.')]
        public int $turn,
        #[OA\Property(description: 'Left edge, across the film.')]
        public int $x,
        #[OA\Property(description: 'Lower edge, along the film.')]
        public int $y,
    ) {
    }

    /** @throws BadRequest naming the invalid field */
    public static function from(Fields $fields): self
    {
        return new self(
            stock: $fields->text('stock', 'Choose the roll or a scrap.'),
            turn: $fields->number('turn', 'Turn it by 0, 90, 180 or 270 degrees.', 0, 359),
            x: $fields->number('x', 'Say where it lies.', -self::MOST, self::MOST),
            y: $fields->number('y', 'Say where it lies.', -self::MOST, self::MOST),
        );
    }
}
