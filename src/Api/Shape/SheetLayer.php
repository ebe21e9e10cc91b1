<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\Cut\CutSheet;
use Uvret\Geometry\SvgPath;

/** A cut layer in its weeding box, blade side. Lengths are in µm. */
#[OA\Schema(schema: 'SheetLayer', required: ['film', 'path', 'width', 'height', 'filmLength', 'turned', 'fits', 'pieces', 'toWeed', 'mirrored'])]
final readonly class SheetLayer
{
    public function __construct(
        #[OA\Property]
        public string $film,
        #[OA\Property(description: 'SVG path data in µm from the weeding box’s left top corner, y pointing down.')]
        public string $path,
        #[OA\Property]
        public int $width,
        #[OA\Property]
        public int $height,
        #[OA\Property]
        public int $filmLength,
        #[OA\Property(description: 'Whether it lies a quarter turn round on the film to fit its width.')]
        public bool $turned,
        #[OA\Property]
        public bool $fits,
        #[OA\Property]
        public int $pieces,
        #[OA\Property]
        public int $toWeed,
        #[OA\Property]
        public bool $mirrored,
    ) {
    }

    public static function of(CutSheet $sheet): self
    {
        return new self($sheet->film->id, SvgPath::inMicrometres($sheet->region, $sheet->box->left, $sheet->box->top), $sheet->box->width(), $sheet->box->height(), $sheet->filmLength(), $sheet->turned, $sheet->fits(), $sheet->pieces(), $sheet->toWeed(), $sheet->film->mirrored);
    }
}
