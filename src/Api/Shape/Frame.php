<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\Geometry\Box;
use Uvret\Geometry\YAxis;

/** A rectangle on the stage: µm from the middle of the placement area's top edge, y down. */
#[OA\Schema(schema: 'Frame', required: ['left', 'top', 'width', 'height'])]
final readonly class Frame
{
    public function __construct(
        #[OA\Property]
        public int $left,
        #[OA\Property]
        public int $top,
        #[OA\Property]
        public int $width,
        #[OA\Property]
        public int $height,
    ) {
    }

    public static function of(Box $box): self
    {
        return new self($box->left, YAxis::turned($box->top), $box->width(), $box->height());
    }
}
