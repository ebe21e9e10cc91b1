<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

/** A request body that is not of the shape described. */
final class BadRequest extends \InvalidArgumentException
{
    public static function shape(string $expected): self
    {
        return new self("The request must hold $expected.");
    }
}
