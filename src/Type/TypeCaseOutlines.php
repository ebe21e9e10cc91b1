<?php

declare(strict_types=1);

namespace Uvret\App\Type;

use Uvret\Artwork\TextOutlines;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Curve\Path;
use Uvret\Type\TypeCase;

/** The letters of pictures' texts from the type case, where it has their font. */
final readonly class TypeCaseOutlines implements TextOutlines
{
    public function __construct(private TypeCase $typeCase)
    {
    }

    public function outlines(string $text, string $family, float $size): ?Path
    {
        $wanted = \strtolower((string) \preg_replace('/[^A-Za-z0-9]/', '', $family));
        foreach ($this->typeCase->entries() as $entry) {
            if ('' !== $wanted && \in_array($wanted, [\strtolower((string) \preg_replace('/[^A-Za-z0-9]/', '', $entry->name)), \str_replace('-', '', $entry->id)], true)) {
                $font = $this->typeCase->font($entry->id);
                $paths = [];
                foreach ($font->shape($text)->glyphs as $glyph) {
                    $paths[] = $font->outline($glyph->glyph)->transform(Affine::move($glyph->x, $glyph->y)->then(Affine::scale($size / $font->unitsPerEm)));
                }

                return Path::empty()->joined(...$paths);
            }
        }

        return null;
    }
}
