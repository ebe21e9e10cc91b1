<?php

declare(strict_types=1);

namespace Uvret\Design;

/** A design document that cannot be read, with the path to the field that is wrong. */
final class DesignException extends \InvalidArgumentException
{
    /** @param string $path where in the document, like lines/0/size/length; empty for the whole */
    private function __construct(
        public readonly string $path,
        public readonly string $reason,
    ) {
        parent::__construct(('' === $path ? 'The design' : "“{$path}”").' '.$reason);
    }

    public static function notJson(string $why): self
    {
        return new self('', "is not a JSON document ($why).");
    }

    public static function at(string $path, string $reason): self
    {
        return new self($path, $reason);
    }

    public static function unknownField(string $path): self
    {
        return new self($path, 'is not a field of a design.');
    }

    public static function missingField(string $path): self
    {
        return new self($path, 'is missing.');
    }

    public static function unknownFilm(string $path, string $film): self
    {
        return new self($path, "names the film “{$film}”, which the design does not have.");
    }

    public static function sameId(string $path, string $id): self
    {
        return new self($path, "repeats the id “{$id}”: each must have its own.");
    }

    public static function newer(int $version, int $known): self
    {
        return new self('', "was made by a newer Uvret: its format is $version, this one reads up to $known. Update Uvret to open it.");
    }

    public static function noSize(string $path): self
    {
        return new self($path, 'must be more than 0: that is how large the lettering will be.');
    }
}
