<?php

declare(strict_types=1);

namespace Uvret\Type;

/** The shop's fonts, by id. */
interface TypeCase
{
    /** @throws FontException when the font is not there or cannot be read */
    public function font(string $id): Font;

    /** @return list<FontEntry> */
    public function entries(): array;

    /** The entry of a font; null if there is none with this id. */
    public function entry(string $id): ?FontEntry;

    /** The file of a font; null if there is none with this id. */
    public function file(string $id): ?string;
}
