<?php

declare(strict_types=1);

namespace Uvret\Compose;

use Uvret\Design\Align;
use Uvret\Design\Letter;
use Uvret\Design\Lettering;
use Uvret\Design\Rows;
use Uvret\Design\RowWidths;
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

    /** @param Align $align of several rows to each other */
    public static function of(Lettering $lettering, Font $font, Align $align = Align::Centre): self
    {
        if (!\str_contains($lettering->words, "\n")) {
            return self::row($lettering, $font, $lettering->words, 0);
        }
        $rows = [];
        $first = 0;
        foreach (\explode("\n", $lettering->words) as $words) {
            $rows[] = self::row($lettering, $font, $words, $first);
            $first += \mb_strlen($words) + 1;
        }

        return self::stacked($rows, $lettering->rows, $align);
    }

    /** @param int $first the place of the row's first letter in the words */
    private static function row(Lettering $lettering, Font $font, string $words, int $first): self
    {
        $perMille = $font->unitsPerEm / 1000;
        $glyphs = [];
        $letters = -1;
        $cluster = null;
        $room = 0.0;
        $end = 0.0;
        $spaces = 0;
        $characters = \mb_str_split($words);
        foreach ($font->shape($words, LineFeatures::of($lettering->withWords($words, $lettering->letters)), $lettering->language)->glyphs as $placed) {
            $at = $first + $placed->cluster;
            if ($at !== $cluster) {
                // Tracking and more room go between letters; their marks and the pieces of one stay together.
                ++$letters;
                foreach ($lettering->letters as $letter) {
                    $room += $letter->at > ($cluster ?? $first - 1) && $letter->at <= $at ? $letter->kern * $perMille : 0;
                }
                $spaces += null !== $cluster && ' ' === ($characters[$cluster - $first] ?? '') ? 1 : 0;
                $cluster = $at;
            }
            $letter = $lettering->letters[$at] ?? null;
            $glyph = $letter->glyph ?? null;
            $glyph = null !== $glyph && $glyph < $font->glyphCount ? $glyph : $placed->glyph;
            $bounds = $font->outline($glyph)->bounds();
            $x = $placed->x + $letters * $lettering->spacing * $perMille + $room;
            if (null !== $bounds) {
                $glyphs[] = [$at, $glyph, self::place($letter, $bounds, $x, $placed, $perMille), $letters, $spaces];
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
     * Rows under one another: the baseline of the last one is y = 0.
     *
     * @param non-empty-list<self> $rows from the top down
     */
    private static function stacked(array $rows, Rows $how, Align $align): self
    {
        $font = $rows[0]->font;
        $width = static fn (self $row): float => null === $row->ink ? 0.0 : $row->ink[2] - $row->ink[0];
        $widest = \max(\array_map($width, $rows));
        $high = $font->letterHeight();
        $down = 0.0;
        $glyphs = $downs = [];
        foreach ($rows as $number => $row) {
            $scale = 1.0;
            $own = $width($row);
            if ($own > 0 && RowWidths::BySize === $how->widths) {
                $scale = $widest / $own;
            } elseif ($row->letters > 1 && RowWidths::BySpacing === $how->widths) {
                // Only some of the letters may have ink; what is missing then is spread too.
                for ($turn = 0; $turn < 3; ++$turn) {
                    $row = $row->spread(($widest - $width($row)) / ($row->letters - 1), 0.0);
                }
            }
            // What lies between two rows stays, whatever the size of their letters.
            $down += 0 === $number ? 0.0 : ($how->spacing / 100 - 1 + $scale) * $high;
            [$left, , $right] = $row->ink ?? [0.0, 0.0, 0.0, 0.0];
            $x = -$left * $scale + ($widest - ($right - $left) * $scale) * $align->share();
            $rows[$number] = $row;
            $downs[$number] = Affine::scale($scale)->then(Affine::move($x, -$down));
        }
        foreach ($rows as $number => $row) {
            foreach ($row->glyphs as [$letter, $glyph, $place, $letters, $spaces]) {
                $glyphs[] = [$letter, $glyph, $place->then($downs[$number])->then(Affine::move(0, $down)), $letters, $spaces];
            }
        }

        return new self(
            font: $font,
            glyphs: $glyphs,
            ink: self::bounds($font, $glyphs, Affine::identity()),
            advance: \max(\array_column($rows, 'advance')),
            letters: \max(\array_column($rows, 'letters')),
            spaces: \max(\array_column($rows, 'spaces')),
            space: $rows[0]->space,
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
