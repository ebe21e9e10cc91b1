<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\Type\FontEntry;

/** A font of the type case. */
#[OA\Schema(schema: 'FontCard', required: ['id', 'name', 'use', 'licence'])]
final readonly class FontCard
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'What kind of lettering it is for.')]
        public string $use,
        #[OA\Property]
        public string $licence,
    ) {
    }

    public static function of(FontEntry $entry): self
    {
        return new self($entry->id, $entry->name, $entry->use, $entry->licence);
    }
}
