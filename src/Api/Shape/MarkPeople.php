<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\App\Entity\PersonState;

/** People of a list and their new state. */
#[OA\Schema(schema: 'MarkPeople', required: ['people'], properties: [
    new OA\Property(property: 'people', description: 'Ids of the people.', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'state', type: 'string', enum: ['to cut', 'cut', 'weeded', 'pressed']),
], type: 'object')]
final readonly class MarkPeople
{
    /** @param list<string> $people */
    private function __construct(
        public array $people,
        public PersonState $state,
    ) {
    }

    /** @throws BadRequest */
    public static function fromJson(string $body): self
    {
        $data = \json_decode($body, true);
        $people = \is_array($data) ? $data['people'] ?? null : null;
        $state = \is_array($data) ? $data['state'] ?? 'to cut' : null;
        $ids = \is_array($people) ? \array_values(\array_filter($people, \is_string(...))) : [];
        if ([] === $ids || $ids !== $people) {
            throw BadRequest::field('people', 'Choose at least one person of the list.');
        }
        $known = \is_string($state) ? PersonState::tryFrom($state) : null;

        return new self($ids, $known ?? throw BadRequest::field('state', 'Choose to cut, cut, weeded or pressed.'));
    }
}
