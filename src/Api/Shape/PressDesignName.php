<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\App\Entity\JobDesign;

/** Name of a design to press. */
#[OA\Schema(schema: 'PressDesignName', required: ['id', 'name', 'job', 'title'])]
final readonly class PressDesignName
{
    private function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'Design id.')]
        public string $job,
        #[OA\Property(description: 'Job id.')]
        public string $title,
    ) {
    }

    public static function of(JobDesign $design): self
    {
        return new self($design->id, DesignName::of($design)->name, $design->job->id, $design->job->title);
    }
}
