<?php

declare(strict_types=1);

namespace Uvret\Type\Facts;

use Uvret\Geometry\Affine;
use Uvret\Geometry\Curve\Flattening;
use Uvret\Geometry\Region;
use Uvret\Type\Font;
use Uvret\Type\FontException;

/** Detects joining scripts: most pairs of lower-case letters overlap. */
final class Joining
{
    private const LETTERS = 'aeinorstlhmu';

    /** @return float share of overlapping pairs, from 0 to 1 */
    public static function share(Font $font): float
    {
        $shapes = [];
        $scale = 20000 / $font->unitsPerEm;
        $pairs = $joined = 0;
        foreach (\str_split(self::LETTERS) as $first) {
            foreach (\str_split(self::LETTERS) as $second) {
                try {
                    $glyphs = $font->shape($first.$second)->glyphs;
                    if (2 !== \count($glyphs)) {
                        // A ligature counts as joined.
                        ++$pairs;
                        ++$joined;
                        continue;
                    }
                    foreach ($glyphs as $glyph) {
                        $shapes[$glyph->glyph] ??= Region::fromRings(Flattening::rings($font->outline($glyph->glyph), Affine::scale($scale), 50));
                    }
                } catch (FontException) {
                    continue;
                }
                [$one, $other] = $glyphs;
                $right = $shapes[$other->glyph]->transform(Affine::move(\round(($other->x - $one->x) * $scale), \round(($other->y - $one->y) * $scale)));
                $boxes = [$shapes[$one->glyph]->bounds(), $right->bounds()];
                if (null === $boxes[0] || null === $boxes[1]) {
                    continue;
                }
                ++$pairs;
                $joined += $boxes[0]->overlaps($boxes[1]) && !$shapes[$one->glyph]->intersect($right)->isEmpty() ? 1 : 0;
            }
        }

        return 0 === $pairs ? 0.0 : $joined / $pairs;
    }
}
