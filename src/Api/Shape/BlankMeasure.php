<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\Blanks\Measuring\Measure;

/** A measure to take on a kind of blank. */
#[OA\Schema(schema: 'BlankMeasure', required: ['name', 'title', 'hint', 'path', 'usual'])]
final readonly class BlankMeasure
{
    private function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $hint,
        #[OA\Property(description: 'Measured line: SVG path data in the drawing’s millimetres.')]
        public string $path,
        #[OA\Property(description: 'Length in the drawing, in µm.')]
        public int $usual,
    ) {
    }

    public static function of(Measure $measure): self
    {
        return new self($measure->name, $measure->title, $measure->hint, $measure->path, $measure->usual);
    }
}
