<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

/** An invalid request body. */
final class BadRequest extends \InvalidArgumentException
{
    private function __construct(
        string $message,
        public readonly string $path = '',
    ) {
        parent::__construct($message);
    }

    public static function field(string $path, string $reason): self
    {
        return new self($reason, $path);
    }

    public static function shape(string $expected): self
    {
        return new self("The request must hold $expected.");
    }
}
