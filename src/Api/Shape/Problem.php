<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;

/** Why a request failed, in words for the user (RFC 9457). */
#[OA\Schema(schema: 'Problem', required: ['title', 'detail', 'path'])]
final readonly class Problem
{
    public function __construct(
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $detail,
        #[OA\Property(description: 'Invalid field of the document, like lines/0/words; empty if it is none.')]
        public string $path = '',
    ) {
    }
}
