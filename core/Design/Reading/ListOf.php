<?php

declare(strict_types=1);

namespace Uvret\Design\Reading;

/** A list of values of a class, in the code by the value of one of their properties if that is given. */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final readonly class ListOf
{
    /** @param class-string $class */
    public function __construct(
        public string $class,
        public ?string $by = null,
    ) {
    }
}
