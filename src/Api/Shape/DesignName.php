<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\App\Entity\JobDesign;

/** Name of a design. */
#[OA\Schema(schema: 'DesignName', required: ['id', 'name'])]
final readonly class DesignName
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
    ) {
    }

    public static function of(JobDesign $design): self
    {
        $document = \json_decode($design->document, true);

        return new self($design->id, \is_array($document) && \is_string($document['name'] ?? null) ? $document['name'] : $design->id);
    }
}
