<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\App\Layout\LaidPiece;
use Uvret\Geometry\Affine;
use Uvret\Layout\Nest\Place;
use Uvret\Layout\Stock;

/** A piece of a layout. Lengths are in µm. */
#[OA\Schema(schema: 'LaidPieceCard', required: [
    'number', 'mark', 'design', 'shape', 'name', 'copy', 'stock', 'turn', 'x', 'y', 'wide', 'high', 'matrix', 'pinned', 'stale',
])]
final readonly class LaidPieceCard
{
    /** @param list<float> $matrix */
    private function __construct(
        #[OA\Property(description: 'Index among the pieces.')]
        public int $number,
        #[OA\Property(description: 'Number cut beside it, the same on all films.')]
        public int $mark,
        #[OA\Property]
        public string $design,
        #[OA\Property(description: 'Shape key.')]
        public string $shape,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public int $copy,
        #[OA\Property(description: 'Roll or scrap it is on; empty if not laid out yet.')]
        public string $stock,
        #[OA\Property(description: 'In degrees.')]
        public int $turn,
        #[OA\Property(description: 'Left edge, across the film.')]
        public int $x,
        #[OA\Property(description: 'Lower edge, along the film.')]
        public int $y,
        #[OA\Property(description: 'Size across the film as placed.')]
        public int $wide,
        #[OA\Property(description: 'Size along the film as placed.')]
        public int $high,
        #[OA\Property(description: 'SVG matrix from its shape to the film: x along it, y across it.', items: new OA\Items(type: 'number'))]
        public array $matrix,
        #[OA\Property]
        public bool $pinned,
        #[OA\Property(description: 'Whether it is not laid out yet or its design changed since.')]
        public bool $stale,
    ) {
    }

    public static function of(int $number, LaidPiece $piece, ?Place $place, ?Stock $stock, bool $pinned, bool $stale): self
    {
        $map = null === $place || null === $stock ? Affine::identity() : $place->map()->then(self::alongFilm($stock));
        $box = $piece->piece->turned($place->turn ?? 0)->bounds() ?? throw new \LogicException('A frame has an area.');

        return new self(
            number: $number,
            mark: $piece->number,
            design: $piece->design->id,
            shape: $piece->layer,
            name: $piece->name,
            copy: $piece->copy,
            stock: $place->stock ?? '',
            turn: $place->turn ?? 0,
            x: $place->x ?? 0,
            y: $place->y ?? 0,
            wide: $box->width(),
            high: $box->height(),
            matrix: [$map->a, $map->b, $map->c, $map->d, $map->e, $map->f],
            pinned: $pinned,
            stale: $stale,
        );
    }

    /** Maps film coordinates (across, along) to the picture: x along, y across. */
    public static function alongFilm(Stock $stock): Affine
    {
        return new Affine(0, -1, 1, 0, 0, $stock->width());
    }
}
