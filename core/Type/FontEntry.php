<?php

declare(strict_types=1);

namespace Uvret\Type;

use Uvret\Type\Facts\FontFacts;

/** A font's entry in the type case. */
final readonly class FontEntry
{
    public function __construct(
        public string $id,
        public string $name,
        public string $use,
        public string $licence,
        public FontFacts $facts = new FontFacts(0.0, 0.0, 0.0, [], 0, false),
    ) {
    }

    /** An entry for a new font, with its facts measured. */
    public static function measured(string $id, string $name, string $use, string $licence, Font $font): self
    {
        return new self($id, $name, $use, $licence, FontFacts::of($font));
    }
}
