<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\App\Layout\LayoutPieces;
use Uvret\Layout\Stock;

/** A roll or scrap used by a layout. Lengths are in µm. */
#[OA\Schema(schema: 'LaidStock', required: ['id', 'kind', 'width', 'length', 'outline'])]
final readonly class LaidStock
{
    private function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property(enum: ['roll', 'sheet', 'scrap'])]
        public string $kind,
        #[OA\Property]
        public int $width,
        #[OA\Property(description: 'Length in use of a roll.')]
        public int $length,
        #[OA\Property(description: 'SVG path data: x along the film, y across it; empty for the roll.')]
        public string $outline,
    ) {
    }

    public static function of(Stock $stock, int $used): self
    {
        return new self(
            $stock->id,
            $stock->isRoll ? 'roll' : (LayoutPieces::isScrap($stock->id) ? 'scrap' : 'sheet'),
            $stock->width(),
            $stock->isRoll ? $used : $stock->length(),
            $stock->isRoll ? '' : LaidShape::path($stock->outline->transform(LaidPieceCard::alongFilm($stock))),
        );
    }
}
