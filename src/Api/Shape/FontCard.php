<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\Type\FontEntry;

/** A font of the type case. */
#[OA\Schema(schema: 'FontCard', required: ['id', 'name', 'use', 'licence', 'own', 'joins', 'thin', 'stem', 'alternates', 'accents', 'variable', 'embeddable'])]
final readonly class FontCard
{
    /**
     * @param list<string> $alternates
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'Kind of lettering.')]
        public string $use,
        #[OA\Property]
        public string $licence,
        #[OA\Property(description: 'Whether the shop added it.')]
        public bool $own,
        #[OA\Property(description: 'Whether its lower-case letters join.')]
        public bool $joins,
        #[OA\Property(description: 'Thinnest stroke as a share of the cap height.')]
        public float $thin,
        #[OA\Property(description: 'Usual stroke as a share of the cap height.')]
        public float $stem,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $alternates,
        #[OA\Property]
        public int $accents,
        #[OA\Property]
        public bool $variable,
        #[OA\Property(description: 'Whether its licence allows embedding in files.')]
        public bool $embeddable,
    ) {
    }

    public static function of(FontEntry $entry, bool $own): self
    {
        $facts = $entry->facts;

        return new self(
            id: $entry->id,
            name: $entry->name,
            use: $entry->use,
            licence: $entry->licence,
            own: $own,
            joins: $facts->isJoining(),
            thin: $facts->thin,
            stem: $facts->stem,
            alternates: $facts->alternates,
            accents: $facts->accents,
            variable: $facts->variable,
            embeddable: $facts->embeddable,
        );
    }
}
