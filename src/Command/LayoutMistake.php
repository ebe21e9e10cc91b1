<?php

declare(strict_types=1);

namespace Uvret\App\Command;

/** What can’t be laid out as it was asked for, with what to do. */
final class LayoutMistake extends \InvalidArgumentException
{
    public static function missing(string $option): self
    {
        return new self("Say with $option ".('--out=FILE' === $option ? 'where to write the layout.' : 'the layers of which film are laid out.'));
    }

    public static function noFile(string $file): self
    {
        return new self("There is no file $file.");
    }

    public static function nothingOf(string $film): self
    {
        return new self("Nothing of these designs is cut from $film. Choose another film with --film=ID.");
    }

    public static function frames(string $frames): self
    {
        return new self("There are no frames called $frames. Say --frames=hug or --frames=box.");
    }

    public static function turns(string $text): self
    {
        return new self("$text are no turns. Say degrees below 360 with commas between, as in --turns=0,90,180,270.");
    }

    public static function tooWide(int $width): self
    {
        return new self(\sprintf('Something is wider than the film of %d mm. Choose a wider film with --width.', \intdiv($width, 1_000)));
    }
}
