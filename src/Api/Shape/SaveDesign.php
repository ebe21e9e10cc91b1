<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;

/** A changed design, and the version it was changed from. */
#[OA\Schema(schema: 'SaveDesign', required: ['version', 'document', 'change'])]
final readonly class SaveDesign
{
    public function __construct(
        #[OA\Property]
        public int $version,
        #[OA\Property(ref: '#/components/schemas/Design')]
        public object $document,
        #[OA\Property(description: 'What was changed, like words:line-1; consecutive changes of the same thing are one history step.')]
        public string $change,
    ) {
    }

    /** @throws BadRequest if the body is invalid */
    public static function fromJson(string $body): self
    {
        $data = \json_decode($body);
        if (!\is_object($data) || !\is_int($data->version ?? null) || !\is_object($data->document ?? null)) {
            throw BadRequest::shape('an object with a version and a document');
        }

        return new self($data->version, $data->document, \is_string($data->change ?? null) ? \mb_substr($data->change, 0, 80) : '');
    }
}
