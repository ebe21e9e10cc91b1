<?php

declare(strict_types=1);

namespace Uvret\Tests\Support;

use Uvret\Geometry\Affine;
use Uvret\Geometry\Curve\Flattening;
use Uvret\Type\FolderTypeCase;
use Uvret\Type\Font;

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
     * The rings of a text as its font sets it, not welded.
     *
     * @param int $height the height of the letter H, in µm
     *
     * @return list<list<int>>
     */
    public static function rings(string $font, string $text, int $height, float $tolerance = Flattening::TOLERANCE): array
    {
        $font = self::font($font);
        $scale = $height / $font->letterHeight();
        $rings = [];
        foreach ($font->shape($text)->glyphs as $glyph) {
            $place = Affine::move($glyph->x, $glyph->y)->then(Affine::scale($scale));
            \array_push($rings, ...Flattening::rings($font->outline($glyph->glyph), $place, $tolerance));
        }

        return $rings;
    }
}
