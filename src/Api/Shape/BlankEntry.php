<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\App\Entity\ShopBlank;
use Uvret\Design\ShopBlankReader;

/** A blank of the shop, with its version. */
#[OA\Schema(schema: 'BlankEntry', required: ['version', 'blank'])]
final readonly class BlankEntry
{
    public function __construct(
        #[OA\Property(description: 'Increases with every change; 0 if not saved yet.')]
        public int $version,
        #[OA\Property(ref: '#/components/schemas/ShopBlank')]
        public object $blank,
    ) {
    }

    public static function of(ShopBlank $entry): self
    {
        $blank = \json_decode($entry->blank, false, 64, \JSON_THROW_ON_ERROR);
        ShopBlankReader::complete($blank);
        \assert(\is_object($blank));

        return new self($entry->version, $blank);
    }
}
