<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\App\Entity\FilmScrap;

/** A scrap of film. Lengths are in µm. */
#[OA\Schema(schema: 'ScrapCard', required: ['id', 'film', 'width', 'length', 'outline', 'offered'])]
final readonly class ScrapCard
{
    private function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $film,
        #[OA\Property]
        public int $width,
        #[OA\Property]
        public int $length,
        #[OA\Property(description: 'SVG path data, y up.')]
        public string $outline,
        #[OA\Property(description: 'Whether a cut left it and it is neither kept nor thrown away yet.')]
        public bool $offered,
    ) {
    }

    public static function of(FilmScrap $scrap): self
    {
        $region = $scrap->region();
        $box = $region->bounds() ?? throw new \LogicException('A scrap has an area.');

        return new self($scrap->id, $scrap->film, $box->width(), $box->height(), LaidShape::path($region), $scrap->offered);
    }
}
