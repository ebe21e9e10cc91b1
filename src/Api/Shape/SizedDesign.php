<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\Blanks\Drawing;
use Uvret\Plan\Plan;
use Uvret\Proof\WornPicture;

/** A design on one size of its blank. Lengths are in µm. */
#[OA\Schema(schema: 'SizedDesign', required: ['size', 'own', 'placed', 'width', 'height', 'spare', 'measures', 'picture'])]
final readonly class SizedDesign
{
    /** @param array<string, int> $measures */
    private function __construct(
        #[OA\Property]
        public string $size,
        #[OA\Property(description: 'Whether the design was made on this size.')]
        public bool $own,
        #[OA\Property(description: 'Whether this size has the placement.')]
        public bool $placed,
        #[OA\Property(description: 'Bounds of the whole blank as drawn.')]
        public int $width,
        #[OA\Property]
        public int $height,
        #[OA\Property(description: 'Room to spare in the tighter direction; negative if it does not fit.', nullable: true)]
        public ?int $spare,
        #[OA\Property(
            description: 'By card: the line’s driving dimension, or the width of a form or motif.',
            type: 'object',
            additionalProperties: new OA\AdditionalProperties(type: 'integer'),
        )]
        public array|object $measures,
        #[OA\Property(description: 'An SVG document.')]
        public string $picture,
    ) {
    }

    public static function of(string $size, string $own, bool $placed, Plan $plan): self
    {
        $extent = Drawing::named($plan->design->blank->drawing)->extent($plan->design->blank);
        $measures = [];
        foreach ($plan->design->lines as $line) {
            $measures[$line->id] = $line->size->length;
        }
        foreach ([...$plan->design->forms, ...$plan->design->motifs] as $card) {
            $measures[$card->id] = $card->size->width;
        }

        return new self(
            size: $size,
            own: $size === $own,
            placed: $placed,
            width: $extent->width(),
            height: $extent->height(),
            spare: $plan->spare(),
            measures: [] === $measures ? new \stdClass() : $measures,
            picture: WornPicture::small($plan),
        );
    }
}
