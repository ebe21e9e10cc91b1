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
     * @param list<array{int, float}>                $glyphs glyph numbers and where their origins stand
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
        $ink = null;
        foreach ($font->shape($line->words)->glyphs as $number => $placed) {
            $x = $placed->x + $number * $tracking;
            $bounds = $font->outline($placed->glyph)->bounds();
            if (null === $bounds) {
                continue;
            }
            $glyphs[] = [$placed->glyph, $x];
            [$left, $bottom, $right, $top] = $bounds;
            $ink = [
                \min($ink[0] ?? \INF, $left + $x),
                \min($ink[1] ?? \INF, $bottom),
                \max($ink[2] ?? -\INF, $right + $x),
                \max($ink[3] ?? -\INF, $top),
            ];
        }

        return new self($font, $glyphs, $ink);
    }

    /** How many µm a font unit takes for the size asked for; null when there is no ink to size. */
    public function scale(Size $size, Box $area): ?float
    {
        if (null === $this->ink) {
            return null;
        }
        [$left, $bottom, $right, $top] = $this->ink;
        $width = \max($right - $left, 1e-9);
        $height = \max($top - $bottom, 1e-9);

        return match ($size->by) {
            SizeBy::Width => $size->length / $width,
            SizeBy::Height => $size->length / $height,
            SizeBy::Letter => $size->length / $this->font->letterHeight(),
            SizeBy::Area => \max(1.0, \min(($area->width() - 2 * $size->length) / $width, ($area->height() - 2 * $size->length) / $height)),
        };
    }

    /**
     * The weld: all letters as one region, with the ink's left top corner at the given point.
     */
    public function weld(float $scale, int $left, int $top): Region
    {
        \assert(null !== $this->ink);
        $toPlace = Affine::scale($scale)->then(Affine::move($left - $this->ink[0] * $scale, $top - $this->ink[3] * $scale));
        $rings = [];
        foreach ($this->glyphs as [$glyph, $x]) {
            \array_push($rings, ...Flattening::rings($this->font->outline($glyph), Affine::move($x, 0)->then($toPlace)));
        }

        return Region::fromRings($rings);
    }
}
