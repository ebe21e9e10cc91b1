<?php

declare(strict_types=1);

namespace Uvret\Parcel;

use Uvret\Type\FontEntry;

/** A font as a design file carries it. */
final readonly class PackedFont
{
    public function __construct(
        public FontEntry $entry,
        public string $bytes,
    ) {
    }
}
