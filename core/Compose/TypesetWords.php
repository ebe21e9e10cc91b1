<?php

declare(strict_types=1);

namespace Uvret\Compose;

use Uvret\Design\Letter;
use Uvret\Design\Lettering;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Curve\Flattening;
use Uvret\Geometry\Region;
use Uvret\Type\Font;
use Uvret\Type\Layout\PlacedGlyph;

/**
 * A line's words in its font, spaced and nudged but not yet sized: outlines in font units with their exact ink.
 */
final readonly class TypesetWords
{
    /**
     * @param list<array{int, int, Affine, int, int}> $glyphs  letter (place in the words), glyph number, where it goes, and how many
     *                                                         letters and how many spaces stand before it
     * @param array{float, float, float, float}|null  $ink     left, bottom, right, top of the ink
     * @param float                                   $advance of all letters
     * @param int                                     $letters how many there are, with the spaces
     * @param int                                     $spaces  how many of them are spaces
     * @param float                                   $space   the advance of a space
     */
    private function __construct(
        public Font $font,
        public array $glyphs,
        public ?array $ink,
        public float $advance,
        public int $letters,
        public int $spaces,
        public float $space,
    ) {
    }

    public static function of(Lettering $lettering, Font $font): self
    {
        $perMille = $font->unitsPerEm / 1000;
        $glyphs = [];
        $letters = -1;
        $cluster = null;
        $room = 0.0;
        $end = 0.0;
        $spaces = 0;
        $characters = \mb_str_split($lettering->words);
        foreach ($font->shape($lettering->words, LineFeatures::of($lettering), $lettering->language)->glyphs as $placed) {
            if ($placed->cluster !== $cluster) {
                // Tracking and more room go between letters; their marks and the pieces of one stay together.
                ++$letters;
                foreach ($lettering->letters as $letter) {
                    $room += $letter->at > ($cluster ?? -1) && $letter->at <= $placed->cluster ? $letter->kern * $perMille : 0;
                }
                $spaces += null !== $cluster && ' ' === ($characters[$cluster] ?? '') ? 1 : 0;
                $cluster = $placed->cluster;
            }
            $letter = $lettering->letters[$placed->cluster] ?? null;
            $glyph = $letter->glyph ?? null;
            $glyph = null !== $glyph && $glyph < $font->glyphCount ? $glyph : $placed->glyph;
            $bounds = $font->outline($glyph)->bounds();
            $x = $placed->x + $letters * $lettering->spacing * $perMille + $room;
            if (null !== $bounds) {
                $glyphs[] = [$placed->cluster, $glyph, self::place($letter, $bounds, $x, $placed, $perMille), $letters, $spaces];
            }
            $advance = $placed->advance;
            if ($glyph !== $placed->glyph) {
                $advance = $font->advance($glyph);
                $room += $advance - $placed->advance;
            }
            $end = \max($end, $x + $advance);
        }

        return new self(
            font: $font,
            glyphs: $glyphs,
            ink: self::bounds($font, $glyphs, Affine::identity()),
            advance: $end,
            letters: $letters + 1,
            spaces: $spaces,
            space: $font->spaceWidth() + $lettering->spacing * $perMille,
        );
    }

    /**
     * The same with more room between letters, or only where the spaces are.
     *
     * @param float $each  after each letter, in font units
     * @param float $space after each space
     */
    public function spread(float $each, float $space): self
    {
        $glyphs = \array_map(
            static fn (array $glyph): array => [
                $glyph[0],
                $glyph[1],
                $glyph[2]->then(Affine::move($glyph[3] * $each + $glyph[4] * $space, 0)),
                $glyph[3],
                $glyph[4],
            ],
            $this->glyphs,
        );

        return new self(
            font: $this->font,
            glyphs: $glyphs,
            ink: self::bounds($this->font, $glyphs, Affine::identity()),
            advance: $this->advance + ($this->letters - 1) * $each + $this->spaces * $space,
            letters: $this->letters,
            spaces: $this->spaces,
            space: $this->space,
        );
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

    /** All letters as one region, mapped from font units. */
    public function weld(Affine $map): Region
    {
        return Region::fromRings(\array_merge(...\array_values($this->rings($map))));
    }

    /**
     * Each letter's outlines, for Region::fromRings.
     *
     * @return array<int, list<list<int>>> by the place in the words
     */
    public function rings(Affine $map): array
    {
        $rings = [];
        foreach ($this->glyphs as [$letter, $glyph, $place]) {
            $rings[$letter] = [...$rings[$letter] ?? [], ...Flattening::rings($this->font->outline($glyph), $place->then($map))];
        }

        return $rings;
    }

    /**
     * Each letter by itself, with its marks.
     *
     * @return array<int, Region> by the place in the words, in reading order
     */
    public function letters(Affine $map): array
    {
        return \array_map(static fn (array $rings): Region => Region::fromRings($rings), $this->rings($map));
    }

    /** How many times the ink, mapped like that, fits into a width and a height; some of it is left in any case. */
    public function fitted(int $width, int $height, Affine $map): float
    {
        $box = self::bounds($this->font, $this->glyphs, $map);

        return null === $box ? 1.0 : \max(1.0, \min($width / \max($box[2] - $box[0], 1e-9), $height / \max($box[3] - $box[1], 1e-9)));
    }

    /**
     * @param list<array{int, int, Affine, int, int}> $glyphs
     *
     * @return array{float, float, float, float}|null
     */
    private static function bounds(Font $font, array $glyphs, Affine $map): ?array
    {
        $box = null;
        foreach ($glyphs as [, $glyph, $place]) {
            $bounds = $font->outline($glyph)->transform($place->then($map))->bounds();
            if (null !== $bounds) {
                $box = [
                    \min($box[0] ?? \INF, $bounds[0]),
                    \min($box[1] ?? \INF, $bounds[1]),
                    \max($box[2] ?? -\INF, $bounds[2]),
                    \max($box[3] ?? -\INF, $bounds[3]),
                ];
            }
        }

        return $box;
    }
}
