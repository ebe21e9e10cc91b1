<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;

/** A picture read as the artwork of a motif. */
#[OA\Schema(schema: 'ReadArtwork', required: ['width', 'height', 'colours', 'notes'])]
final readonly class ReadArtwork
{
    /**
     * @param list<array{colour: string, film: string, path: string}> $colours
     * @param list<string>                                            $notes
     */
    public function __construct(
        #[OA\Property(description: 'Bounds of the visible shapes, in units of the paths.')]
        public int $width,
        #[OA\Property]
        public int $height,
        #[OA\Property(description: 'Colours found, without films yet.', items: new OA\Items(ref: '#/components/schemas/DesignMotifColour'))]
        public array $colours,
        #[OA\Property(description: 'What was left out, as sentences.', items: new OA\Items(type: 'string'))]
        public array $notes,
    ) {
    }
}
