<?php

declare(strict_types=1);

namespace Uvret\Design\Reading;

/** Whether a field of the document has this word. */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final readonly class Word
{
    public function __construct(public string $word)
    {
    }
}
