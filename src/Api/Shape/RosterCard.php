<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;

/** A job’s list of names, what is doubtful in it, and the designs that take from it. */
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
        #[OA\Property(description: '0 where the job has no list yet.')]
        public int $version,
        #[OA\Property(description: 'The shop’s own, besides name, number, size, blank, quantity and note.', items: new OA\Items(type: 'string'))]
        public array $columns,
        #[OA\Property(items: new OA\Items(ref: '#/components/schemas/PersonRow'))]
        public array $people,
        #[OA\Property(items: new OA\Items(ref: '#/components/schemas/RosterDoubt'))]
        public array $doubts,
        #[OA\Property(description: 'That the blanks of the designs come in.', items: new OA\Items(type: 'string'))]
        public array $sizes,
        #[OA\Property(description: 'Those with fields in their words.', items: new OA\Items(ref: '#/components/schemas/DesignName'))]
        public array $designs,
    ) {
    }
}
