<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;

/** A line with fields on a contact sheet. Lengths are in µm. */
#[OA\Schema(schema: 'ContactLine', required: ['id', 'words', 'tallest'])]
final readonly class ContactLine
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property(description: 'Words with fields, like ⟨name⟩.')]
        public string $words,
        #[OA\Property(description: 'Largest letter height that fits everyone within the limit, or within the area if there is none.', nullable: true)]
        public ?int $tallest,
    ) {
    }
}
