<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\App\Entity\Item;

/** Quantity of a blank in one size. */
#[OA\Schema(schema: 'JobItem', required: ['blank', 'size', 'quantity'])]
final readonly class JobItem
{
    public function __construct(
        #[OA\Property]
        public string $blank,
        #[OA\Property]
        public string $size,
        #[OA\Property]
        public int $quantity,
    ) {
    }

    public static function of(Item $item): self
    {
        return new self($item->blank, $item->size, $item->quantity);
    }
}
