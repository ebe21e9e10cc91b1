<?php

declare(strict_types=1);

namespace Uvret\Design\Reading;

/** What a value is called in documents, where the code calls it otherwise. */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final readonly class Named
{
    public function __construct(public string $name)
    {
    }
}
