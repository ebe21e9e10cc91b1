<?php

declare(strict_types=1);

namespace Uvret\Artwork;

/** A file that cannot be read as artwork, in words for the person at the screen. */
final class ArtworkException extends \RuntimeException
{
    public static function notSvg(string $why): self
    {
        return new self("The file is not an SVG picture ($why). Save the artwork as SVG and try again.");
    }

    public static function entities(): self
    {
        return new self('The file defines entities, which are not read. Save the artwork as plain SVG and try again.');
    }

    public static function tooLarge(string $what): self
    {
        return new self("The artwork is too large: it has more than $what. Simplify it and try again.");
    }

    public static function empty(): self
    {
        return new self('The file has no shape that could be cut: no filled form and no stroke.');
    }
}
