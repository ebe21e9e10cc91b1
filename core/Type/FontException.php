<?php

declare(strict_types=1);

namespace Uvret\Type;

/** An unusable font, with the reason for the user who added it. */
final class FontException extends \RuntimeException
{
    public static function notAFont(): self
    {
        return new self('This file is not a TrueType font: it does not begin as one. Bring a .ttf file.');
    }

    public static function notYet(string $what, string $instead): self
    {
        return new self(\sprintf('This font has %s, which cannot be read yet. %s', $what, $instead));
    }

    public static function missingTable(string $tag): self
    {
        return new self(\sprintf('The font has no “%s” table, so it cannot be used.', $tag));
    }

    public static function cutShort(string $tag): self
    {
        return new self(\sprintf('The font is damaged: its “%s” table ends too early.', $tag));
    }

    public static function badTable(string $tag, string $what): self
    {
        return new self(\sprintf('The font is damaged: in its “%s” table %s.', $tag, $what));
    }

    public static function noSuchGlyph(int $glyph): self
    {
        return new self(\sprintf('The font has no glyph number %d.', $glyph));
    }

    public static function unreadable(string $file): self
    {
        return new self(\sprintf('The font file %s cannot be opened.', \basename($file)));
    }

    public static function notInTypeCase(string $id): self
    {
        return new self(\sprintf('The type case has no font “%s”. Choose another font for the line.', $id));
    }
}
