<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;

/** A design's lettering for the people of a list. Lengths are in µm. */
#[OA\Schema(schema: 'ContactSheet', required: ['fabric', 'count', 'lines', 'people'])]
final readonly class ContactSheet
{
    /**
     * @param list<ContactLine>   $lines
     * @param list<ContactPerson> $people
     */
    public function __construct(
        #[OA\Property(description: 'Colour of the blank.')]
        public string $fabric,
        #[OA\Property(description: 'Number of people in the list.')]
        public int $count,
        #[OA\Property(description: 'Lines with fields.', items: new OA\Items(ref: '#/components/schemas/ContactLine'))]
        public array $lines,
        #[OA\Property(description: 'The requested people.', items: new OA\Items(ref: '#/components/schemas/ContactPerson'))]
        public array $people,
    ) {
    }
}
