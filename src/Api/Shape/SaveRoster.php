<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\Roster\Roster;
use Uvret\Roster\RosterException;

/** A list of names to save. */
#[OA\Schema(schema: 'SaveRoster', required: ['version', 'columns', 'people'], properties: [
    new OA\Property(property: 'version', description: 'Version that was changed.', type: 'integer'),
    new OA\Property(property: 'columns', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'people', type: 'array', items: new OA\Items(ref: '#/components/schemas/PersonRow')),
], type: 'object')]
final readonly class SaveRoster
{
    private function __construct(
        public int $version,
        public Roster $roster,
    ) {
    }

    /** @throws BadRequest|RosterException */
    public static function fromJson(string $body): self
    {
        $data = \json_decode($body);
        if (!$data instanceof \stdClass || !\is_int($data->version ?? null)) {
            throw BadRequest::shape('an object with a version, columns and people');
        }

        return new self($data->version, Roster::fromDocument($data));
    }
}
