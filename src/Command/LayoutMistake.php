<?php

declare(strict_types=1);

namespace Uvret\App\Command;

/** A layout that cannot be made as requested; the message says what to change. */
final class LayoutMistake extends \InvalidArgumentException
{
    public static function missing(string $option): self
    {
        return new self('--out=FILE' === $option ? 'Add --out=FILE: where to write the layout.' : 'Add --film=ID: the film whose layers to lay out.');
    }

    public static function noFile(string $file): self
    {
        return new self("There is no file $file.");
    }

    public static function nothingOf(string $film): self
    {
        return new self("None of these designs uses $film. Choose another film with --film=ID.");
    }

    public static function frames(string $frames): self
    {
        return new self("Unknown frames “{$frames}”. Use --frames=hug or --frames=box.");
    }

    public static function turns(string $text): self
    {
        return new self("“{$text}” is not a list of angles. Use degrees below 360, as in --turns=0,90,180,270.");
    }

    public static function tooWide(int $width): self
    {
        return new self(\sprintf('A frame is wider than the %d mm film. Choose a wider film with --width.', \intdiv($width, 1_000)));
    }
}
