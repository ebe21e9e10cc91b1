<?php

declare(strict_types=1);

namespace Uvret\Compose;

use Uvret\Design\Line;
use Uvret\Design\Size;
use Uvret\Design\SizeBy;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Box;
use Uvret\Geometry\Curve\Flattening;
use Uvret\Geometry\Region;
use Uvret\Type\Font;

/**
 * A line's words in its font, spaced but not yet sized: outlines in font units with their exact ink.
 */
final readonly class Lettering
{
    /**
     * @param list<array{int, float, float}>         $glyphs glyph numbers and where their origins stand
     * @param array{float, float, float, float}|null $ink    left, bottom, right, top of the ink
     */
    private function __construct(
        private Font $font,
        private array $glyphs,
        public ?array $ink,
    ) {
    }

    public static function of(Line $line, Font $font): self
    {
        $tracking = $line->spacing * $font->unitsPerEm / 1000;
        $glyphs = [];
        $letters = -1;
        $cluster = null;
        foreach ($font->shape($line->words)->glyphs as $placed) {
            // Tracking goes between letters; their marks and the pieces of one stay together.
            $letters += $placed->cluster === $cluster ? 0 : 1;
            $cluster = $placed->cluster;
            if (null !== $font->outline($placed->glyph)->bounds()) {
                $glyphs[] = [$placed->glyph, $placed->x + $letters * $tracking, (float) $placed->y];
            }
        }

        return new self($font, $glyphs, self::bounds($font, $glyphs, Affine::identity()));
    }

    /**
     * How many µm a font unit takes across and up for the size asked for; null when there is no ink to size.
     *
     * @param float $stretch how much wider than the font's proportions
     * @param float $turn    in degrees, clockwise; only a line fitted into the area depends on it
     *
     * @return array{float, float}|null
     */
    public function scale(Size $size, float $stretch, float $turn, Box $area): ?array
    {
        if (null === $this->ink) {
            return null;
        }
        [$left, $bottom, $right, $top] = $this->ink;
        $width = \max(($right - $left) * $stretch, 1e-9);
        $height = \max($top - $bottom, 1e-9);
        $up = match ($size->by) {
            SizeBy::Width => $size->length / $width,
            SizeBy::Height => $size->length / $height,
            SizeBy::Letter => $size->length / $this->font->letterHeight(),
            SizeBy::Area => $this->fitted($area->width() - 2 * $size->length, $area->height() - 2 * $size->length, Affine::scale($stretch, 1)->then(Affine::turn(-$turn))),
        };

        return [$up * $stretch, $up];
    }

    /** How many times the ink, mapped like that, fits into a width and a height; some of it is left in any case. */
    private function fitted(int $width, int $height, Affine $map): float
    {
        $box = self::bounds($this->font, $this->glyphs, $map);

        return null === $box ? 1.0 : \max(1.0, \min($width / \max($box[2] - $box[0], 1e-9), $height / \max($box[3] - $box[1], 1e-9)));
    }

    /**
     * @param list<array{int, float, float}> $glyphs
     *
     * @return array{float, float, float, float}|null
     */
    private static function bounds(Font $font, array $glyphs, Affine $map): ?array
    {
        $box = null;
        foreach ($glyphs as [$glyph, $x, $y]) {
            $bounds = $font->outline($glyph)->transform(Affine::move($x, $y)->then($map))->bounds();
            if (null !== $bounds) {
                $box = [\min($box[0] ?? \INF, $bounds[0]), \min($box[1] ?? \INF, $bounds[1]), \max($box[2] ?? -\INF, $bounds[2]), \max($box[3] ?? -\INF, $bounds[3])];
            }
        }

        return $box;
    }

    /** The weld: all letters as one region, mapped from font units. */
    public function weld(Affine $map): Region
    {
        $rings = [];
        foreach ($this->glyphs as [$glyph, $x, $y]) {
            \array_push($rings, ...Flattening::rings($this->font->outline($glyph), Affine::move($x, $y)->then($map)));
        }

        return Region::fromRings($rings);
    }
}
