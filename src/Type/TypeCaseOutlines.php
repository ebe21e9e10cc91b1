<?php

declare(strict_types=1);

namespace Uvret\App\Type;

use Uvret\Artwork\OutlinedText;
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

    public function outlines(string $text, string $family, float $size): ?OutlinedText
    {
        $wanted = \strtolower((string) \preg_replace('/[^A-Za-z0-9]/', '', $family));
        foreach ($this->typeCase->entries() as $entry) {
            if (
                '' !== $wanted
                && \in_array($wanted, [\strtolower((string) \preg_replace('/[^A-Za-z0-9]/', '', $entry->name)), \str_replace('-', '', $entry->id)], true)
            ) {
                $font = $this->typeCase->font($entry->id);
                $scale = Affine::scale($size / $font->unitsPerEm);
                $run = $font->shape($text);
                $paths = [];
                foreach ($run->glyphs as $glyph) {
                    $paths[] = $font->outline($glyph->glyph)->transform(Affine::move($glyph->x, $glyph->y)->then($scale));
                }

                return new OutlinedText(Path::empty()->joined(...$paths), $run->advance * $size / $font->unitsPerEm);
            }
        }

        return null;
    }
}
