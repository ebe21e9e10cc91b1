<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;

/** An added font, or the one that was already there. */
#[OA\Schema(schema: 'AddedFont', required: ['font', 'known', 'note'])]
final readonly class AddedFont
{
    public function __construct(
        #[OA\Property(ref: '#/components/schemas/FontCard')]
        public FontCard $font,
        #[OA\Property(description: 'Whether it was already in the type case.')]
        public bool $known,
        #[OA\Property(description: 'Note about the font; empty if there is none.')]
        public string $note,
    ) {
    }
}
