<?php

declare(strict_types=1);

namespace Uvret\Type\Layout;

use Uvret\Type\OpenType\CharacterMap;
use Uvret\Type\OpenType\HorizontalMetrics;
use Uvret\Type\OpenType\LegacyKerning;

/**
 * The first rung of shaping: a glyph for each character, its advance, and pairs kerned by the
 * kern table. Characters are composed first (é as one), since most fonts draw the composed ones.
 */
final readonly class PlainLayout
{
    public function __construct(
        private CharacterMap $characters,
        private HorizontalMetrics $metrics,
        private LegacyKerning $kerning,
    ) {
    }

    public function shape(string $text): GlyphRun
    {
        $composed = \Normalizer::normalize($text, \Normalizer::FORM_C);
        $text = \is_string($composed) ? $composed : $text;
        $glyphs = [];
        $x = 0;
        $previous = null;
        foreach (\mb_str_split($text) as $cluster => $character) {
            $glyph = $this->characters->glyph(\mb_ord($character));
            if (null !== $previous) {
                $x += $this->kerning->between($previous, $glyph);
            }
            $advance = $this->metrics->advance($glyph);
            $glyphs[] = new PlacedGlyph($glyph, $cluster, $x, 0, $advance);
            $x += $advance;
            $previous = $glyph;
        }

        return new GlyphRun($glyphs, $x);
    }
}
