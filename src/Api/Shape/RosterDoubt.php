<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\Roster\Doubt;

/** A possible mistake in a list of names. */
#[OA\Schema(schema: 'RosterDoubt', required: ['person', 'column', 'message'])]
final readonly class RosterDoubt
{
    public function __construct(
        #[OA\Property]
        public string $person,
        #[OA\Property]
        public string $column,
        #[OA\Property]
        public string $message,
    ) {
    }

    public static function of(Doubt $doubt): self
    {
        return new self($doubt->person, $doubt->column, $doubt->message);
    }
}
