<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\Geometry\Box;

/** Bounds of a letter of a line. */
#[OA\Schema(schema: 'LetterFrame', required: ['at', 'frame'])]
final readonly class LetterFrame
{
    public function __construct(
        #[OA\Property(description: 'Index in the words, from 0.')]
        public int $at,
        #[OA\Property(ref: '#/components/schemas/Frame')]
        public Frame $frame,
    ) {
    }

    public static function of(int $at, Box $box): self
    {
        return new self($at, Frame::of($box));
    }
}
