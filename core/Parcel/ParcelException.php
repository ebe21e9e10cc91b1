<?php

declare(strict_types=1);

namespace Uvret\Parcel;

/** A file that is not a design file, with what is wrong with it. */
final class ParcelException extends \RuntimeException
{
    public static function notZip(): self
    {
        return new self('This is not a design file: it is no ZIP file. Choose a file that was downloaded from Uvret.');
    }

    public static function missing(string $name): self
    {
        return new self("This is not a design file: “{$name}” is missing in it.");
    }

    public static function tooLarge(string $name): self
    {
        return new self("“{$name}” in the file is too large to be read.");
    }

    public static function broken(string $name): self
    {
        return new self("“{$name}” in the file cannot be read.");
    }
}
