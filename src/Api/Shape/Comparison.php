<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;

/** Comparison of a design that two people changed. */
#[OA\Schema(schema: 'Comparison', required: ['theirs', 'ours', 'opened', 'merged'])]
final readonly class Comparison
{
    /**
     * @param list<string> $theirs
     * @param list<string> $ours
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $theirs,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $ours,
        #[OA\Property(ref: '#/components/schemas/OpenDesign')]
        public OpenDesign $opened,
        #[OA\Property(ref: '#/components/schemas/Design', nullable: true, description: 'Both changes merged; null if both changed the same thing.')]
        public ?object $merged,
    ) {
    }
}
