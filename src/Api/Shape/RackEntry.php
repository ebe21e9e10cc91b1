<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\App\Entity\RackFilm;

/** A film on the rack, with its version. */
#[OA\Schema(schema: 'RackEntry', required: ['version', 'entry'])]
final readonly class RackEntry
{
    public function __construct(
        #[OA\Property(description: 'Increases with every change; 0 if not saved yet.')]
        public int $version,
        #[OA\Property(ref: '#/components/schemas/RackFilm')]
        public object $entry,
    ) {
    }

    public static function of(RackFilm $film): self
    {
        return new self($film->version, $film->entry());
    }
}
