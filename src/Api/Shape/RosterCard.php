<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;

/** A job’s list of names, its doubts, and the designs that use it. */
#[OA\Schema(schema: 'Roster', required: ['version', 'columns', 'people', 'doubts', 'sizes', 'designs'])]
final readonly class RosterCard
{
    /**
     * @param list<string>      $columns
     * @param list<PersonRow>   $people
     * @param list<RosterDoubt> $doubts
     * @param list<string>      $sizes
     * @param list<DesignName>  $designs
     */
    public function __construct(
        #[OA\Property(description: '0 if the job has no list yet.')]
        public int $version,
        #[OA\Property(description: 'Columns besides name, number, size, blank, quantity and note.', items: new OA\Items(type: 'string'))]
        public array $columns,
        #[OA\Property(items: new OA\Items(ref: '#/components/schemas/PersonRow'))]
        public array $people,
        #[OA\Property(items: new OA\Items(ref: '#/components/schemas/RosterDoubt'))]
        public array $doubts,
        #[OA\Property(description: 'Sizes of the designs’ blanks.', items: new OA\Items(type: 'string'))]
        public array $sizes,
        #[OA\Property(description: 'Designs with fields in their words.', items: new OA\Items(ref: '#/components/schemas/DesignName'))]
        public array $designs,
    ) {
    }
}
