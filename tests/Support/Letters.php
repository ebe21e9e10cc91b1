<?php

declare(strict_types=1);

namespace Uvret\Tests\Support;

use Uvret\Geometry\Affine;
use Uvret\Geometry\Curve\Flattening;
use Uvret\Type\FolderTypeCase;
use Uvret\Type\Font;
use Uvret\Type\Layout\Feature;

/** Real lettering from the shipped fonts, for tests. */
final class Letters
{
    private static ?FolderTypeCase $typeCase = null;

    public static function typeCase(): FolderTypeCase
    {
        return self::$typeCase ??= new FolderTypeCase(\dirname(__DIR__, 2).'/fonts');
    }

    public static function font(string $id): Font
    {
        return self::typeCase()->font($id);
    }

    /**
     * A text letter by letter with plain advances, as the reference figures of the geometry were made.
     *
     * @return list<array{int, int}> glyphs and where they stand, in font units
     */
    public static function plain(string $font, string $text): array
    {
        $glyphs = [];
        $x = 0;
        foreach (\mb_str_split($text) as $letter) {
            $run = self::font($font)->shape($letter, [new Feature('calt', 0), new Feature('liga', 0), new Feature('ccmp', 0)]);
            $glyphs[] = [$run->glyphs[0]->glyph, $x];
            $x += $run->advance;
        }

        return $glyphs;
    }

    /**
     * The rings of a text set plainly, not welded.
     *
     * @param int $height the height of the letter H, in µm
     *
     * @return list<list<int>>
     */
    public static function rings(string $font, string $text, int $height, float $tolerance = Flattening::TOLERANCE): array
    {
        $scale = $height / self::font($font)->letterHeight();
        $rings = [];
        foreach (self::plain($font, $text) as [$glyph, $x]) {
            $place = Affine::move($x, 0)->then(Affine::scale($scale));
            \array_push($rings, ...Flattening::rings(self::font($font)->outline($glyph), $place, $tolerance));
        }

        return $rings;
    }
}
