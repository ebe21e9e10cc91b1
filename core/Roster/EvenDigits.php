<?php

declare(strict_types=1);

namespace Uvret\Roster;

use Uvret\Design\Letter;
use Uvret\Design\Lettering;
use Uvret\Design\Reading\Defaults;
use Uvret\Type\TypeCase;

/** Sets every digit in the middle of as much room as the widest digit of the font takes. */
final class EvenDigits
{
    public static function of(Lettering $lettering, TypeCase $typeCase): Lettering
    {
        $font = $typeCase->font($lettering->font);
        $advances = [];
        foreach (\range(0, 9) as $digit) {
            $advances[$digit] = \array_sum(\array_map(static fn (object $glyph): float => $glyph->advance, $font->shape((string) $digit)->glyphs));
        }
        $widest = \max($advances);
        $letters = $lettering->letters;
        $before = null;
        foreach (\mb_str_split($lettering->words) as $at => $character) {
            $own = \ctype_digit($character) ? ($widest - $advances[(int) $character]) / 2 * 1000 / $font->unitsPerEm : null;
            if (null !== $own || null !== $before) {
                $letter = ($letters[$at] ?? Defaults::of(Letter::class, 'letter', ['at' => $at]))->spacedBy(($before ?? 0.0) + ($own ?? 0.0));
                $letters[$at] = null === $own ? $letter : $letter->unkerned();
            }
            $before = $own;
        }

        return $lettering->withWords($lettering->words, $letters);
    }
}
