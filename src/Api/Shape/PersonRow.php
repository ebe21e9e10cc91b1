<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\App\Entity\PersonState;
use Uvret\Roster\Person;

/** A row of a list of names. */
#[OA\Schema(schema: 'PersonRow', required: ['id', 'values', 'own', 'state', 'changed'])]
final readonly class PersonRow
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property(
            description: 'Cells by column.',
            type: 'object',
            additionalProperties: new OA\AdditionalProperties(type: 'string'),
        )]
        public object $values,
        #[OA\Property(
            description: 'Settings for this person only, by line.',
            type: 'object',
            additionalProperties: new OA\AdditionalProperties(type: 'object'),
        )]
        public object $own,
        #[OA\Property(enum: ['to cut', 'cut', 'weeded', 'pressed'])]
        public string $state,
        #[OA\Property(description: 'Whether the row changed since the customer approved it.')]
        public bool $changed,
    ) {
    }

    public static function of(Person $person, PersonState $state, bool $changed): self
    {
        return new self($person->id, (object) $person->values, (object) $person->own, $state->value, $changed);
    }
}
