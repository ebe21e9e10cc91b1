<?php

declare(strict_types=1);

namespace Uvret\Blanks;

/** A blank that cannot be drawn. */
final class BlankException extends \RuntimeException
{
    public static function unknownDrawing(string $drawing): self
    {
        return new self("There is no drawing “{$drawing}”.");
    }
}
