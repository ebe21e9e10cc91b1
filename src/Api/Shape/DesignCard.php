<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\App\Api\Draft;

/** A design of a job in small, as it will be worn. */
#[OA\Schema(schema: 'DesignCard', required: ['id', 'name', 'document', 'blank', 'parts'])]
final readonly class DesignCard
{
    /** @param list<SheetPart> $parts */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property(ref: '#/components/schemas/Design')]
        public object $document,
        #[OA\Property(ref: '#/components/schemas/Frame')]
        public Frame $blank,
        #[OA\Property(items: new OA\Items(ref: '#/components/schemas/SheetPart'))]
        public array $parts,
    ) {
    }

    public static function of(string $id, Draft $draft): self
    {
        $sheet = Sheet::of($draft->plan);

        return new self($id, $draft->plan->design->name, $draft->document, $sheet->blank, $sheet->parts);
    }
}
