<?php

declare(strict_types=1);

namespace Uvret\Compose;

use Uvret\Design\Letter;
use Uvret\Design\Line;
use Uvret\Design\Size;
use Uvret\Design\SizeBy;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Box;
use Uvret\Geometry\Curve\Flattening;
use Uvret\Geometry\Region;
use Uvret\Type\Font;
use Uvret\Type\Layout\PlacedGlyph;

/**
 * A line's words in its font, spaced and nudged but not yet sized: outlines in font units with their exact ink.
 */
final readonly class Lettering
{
    /**
     * @param list<array{int, int, Affine}>          $glyphs letter (place in the words), glyph number and where it goes
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
        $perMille = $font->unitsPerEm / 1000;
        $glyphs = [];
        $letters = -1;
        $cluster = null;
        $room = 0.0;
        foreach ($font->shape($line->words, LineFeatures::of($line), $line->language)->glyphs as $placed) {
            if ($placed->cluster !== $cluster) {
                // Tracking and more room go between letters; their marks and the pieces of one stay together.
                ++$letters;
                foreach ($line->letters as $letter) {
                    $room += $letter->at > ($cluster ?? -1) && $letter->at <= $placed->cluster ? $letter->kern * $perMille : 0;
                }
                $cluster = $placed->cluster;
            }
            $letter = $line->letters[$placed->cluster] ?? null;
            $glyph = $letter->glyph ?? null;
            $glyph = null !== $glyph && $glyph < $font->glyphCount ? $glyph : $placed->glyph;
            $bounds = $font->outline($glyph)->bounds();
            if (null !== $bounds) {
                $x = $placed->x + $letters * $line->spacing * $perMille + $room;
                $glyphs[] = [$placed->cluster, $glyph, self::place($letter, $bounds, $x, $placed, $perMille)];
            }
            if ($glyph !== $placed->glyph) {
                $room += $font->advance($glyph) - $placed->advance;
            }
        }

        return new self($font, $glyphs, self::bounds($font, $glyphs, Affine::identity()));
    }

    /** @param array{float, float, float, float} $bounds of the glyph's ink */
    private static function place(?Letter $letter, array $bounds, float $x, PlacedGlyph $placed, float $perMille): Affine
    {
        $move = Affine::move($x, $placed->y);
        if (null === $letter) {
            return $move;
        }
        // Larger or smaller from the baseline, turned about the middle of the ink.
        $middleX = ($bounds[0] + $bounds[2]) / 2;
        $middleY = ($bounds[1] + $bounds[3]) / 2;

        return Affine::move(-$middleX, -$middleY)->then(Affine::turn(-$letter->turn))->then(Affine::move(0, $middleY))
            ->then(Affine::scale($letter->scale / 100))->then(Affine::move($middleX, 0))
            ->then($move)->then(Affine::move($letter->along * $perMille, $letter->across * $perMille));
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

    /** The weld: all letters as one region, mapped from font units. */
    public function weld(Affine $map): Region
    {
        return $this->welds($map, [])[''] ?? Region::empty();
    }

    /**
     * The letters welded for each film by itself.
     *
     * @param array<int, string> $films of letters that have one of their own, by their places in the words
     *
     * @return array<string, Region> by film; the others under the empty name
     */
    public function welds(Affine $map, array $films): array
    {
        $rings = [];
        foreach ($this->glyphs as [$letter, $glyph, $place]) {
            $film = $films[$letter] ?? '';
            $rings[$film] = [...$rings[$film] ?? [], ...Flattening::rings($this->font->outline($glyph), $place->then($map))];
        }

        return \array_map(static fn (array $rings): Region => Region::fromRings($rings), $rings);
    }

    /**
     * Where each letter's ink lies.
     *
     * @return array<int, Box> by the place in the words
     */
    public function boxes(Affine $map): array
    {
        $boxes = [];
        foreach ($this->glyphs as [$letter, $glyph, $place]) {
            $bounds = $this->font->outline($glyph)->transform($place->then($map))->bounds();
            if (null !== $bounds) {
                $box = new Box((int) \floor($bounds[0]), (int) \floor($bounds[1]), (int) \ceil($bounds[2]), (int) \ceil($bounds[3]));
                $boxes[$letter] = isset($boxes[$letter]) ? $boxes[$letter]->joined($box) : $box;
            }
        }

        return $boxes;
    }

    /**
     * Each letter by itself, with its marks.
     *
     * @return array<int, Region> by the place in the words, in reading order
     */
    public function letters(Affine $map): array
    {
        $rings = [];
        foreach ($this->glyphs as [$letter, $glyph, $place]) {
            $rings[$letter] = [...$rings[$letter] ?? [], ...Flattening::rings($this->font->outline($glyph), $place->then($map))];
        }

        return \array_map(static fn (array $rings): Region => Region::fromRings($rings), $rings);
    }

    /** How many times the ink, mapped like that, fits into a width and a height; some of it is left in any case. */
    private function fitted(int $width, int $height, Affine $map): float
    {
        $box = self::bounds($this->font, $this->glyphs, $map);

        return null === $box ? 1.0 : \max(1.0, \min($width / \max($box[2] - $box[0], 1e-9), $height / \max($box[3] - $box[1], 1e-9)));
    }

    /**
     * @param list<array{int, int, Affine}> $glyphs
     *
     * @return array{float, float, float, float}|null
     */
    private static function bounds(Font $font, array $glyphs, Affine $map): ?array
    {
        $box = null;
        foreach ($glyphs as [, $glyph, $place]) {
            $bounds = $font->outline($glyph)->transform($place->then($map))->bounds();
            if (null !== $bounds) {
                $box = [\min($box[0] ?? \INF, $bounds[0]), \min($box[1] ?? \INF, $bounds[1]), \max($box[2] ?? -\INF, $bounds[2]), \max($box[3] ?? -\INF, $bounds[3])];
            }
        }

        return $box;
    }
}
