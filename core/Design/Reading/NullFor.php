<?php

declare(strict_types=1);

namespace Uvret\Design\Reading;

/** What documents write for nothing. */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final readonly class NullFor
{
    public function __construct(public string|int $nothing)
    {
    }
}
