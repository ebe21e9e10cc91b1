<?php

declare(strict_types=1);

namespace Uvret\Compose;

use Uvret\Design\Letter;
use Uvret\Design\Lettering;
use Uvret\Design\Reading\Defaults;
use Uvret\Geometry\Affine;
use Uvret\Type\Font;

/** All alternates of one letter of a line, each shown in its word. */
final class LetterForms
{
    /** Em of the pictures in µm, and maximum number of alternates per feature. */
    private const SIZE = 20000;
    private const MOST = 30;

    /** Features that don't concern single letters. */
    private const WHOLE = '/^(kern|mark|mkmk|ccmp|locl|rvrn|frac|numr|dnom|calt|liga|clig|rlig|size|cpsp|rclt)$/';

    /** @return list<LetterForm> the letter's own form first */
    public static function of(Lettering $lettering, int $at, Font $font): array
    {
        [$word, $within] = self::word($lettering, $at);
        $forms = [];
        $seen = [];
        $try = static function (array $features) use ($word, $within, $font, &$forms, &$seen): bool {
            /** @var list<string> $features */
            $letter = $word->letters[$within] ?? Defaults::of(Letter::class, 'letter', ['at' => $within]);
            $letters = [$within => $letter->drawnBy($features)] + $word->letters;
            $drawn = TypesetWords::of($word->withWords($word->words, $letters), $font)->weld(Affine::scale(self::SIZE / $font->unitsPerEm));
            $key = \md5(\serialize($drawn->rings()));
            if (isset($seen[$key]) || $drawn->isEmpty()) {
                return false;
            }
            $seen[$key] = true;
            $forms[] = new LetterForm($features, $drawn);

            return true;
        };
        $try([]);
        // aalt comes last: its alternates are better known by their own features.
        $tags = $font->features();
        \usort($tags, static fn (string $a, string $b): int => ['aalt' === $a, $a] <=> ['aalt' === $b, $b]);
        foreach ($tags as $tag) {
            if (1 === \preg_match(self::WHOLE, $tag)) {
                continue;
            }
            for ($value = 1; $value <= self::MOST && $try([1 === $value ? $tag : "$tag=$value"]); ++$value) {
            }
        }
        // Contextual forms and ligatures can be switched off for the letter.
        foreach (['-calt', '-liga', '-clig'] as $off) {
            $try([$off]);
        }

        return $forms;
    }

    /** @return array{Lettering, int} the letter's word, and its index there */
    private static function word(Lettering $lettering, int $at): array
    {
        $characters = \mb_str_split($lettering->words);
        for ($start = $at; $start > 0 && 1 !== \preg_match('/^\s$/u', $characters[$start - 1] ?? ' '); --$start) {
        }
        for ($end = $at + 1; $end < \count($characters) && 1 !== \preg_match('/^\s$/u', $characters[$end]); ++$end) {
        }
        $letters = [];
        foreach ($lettering->letters as $place => $letter) {
            if ($place >= $start && $place < $end) {
                $letters[$place - $start] = $letter;
            }
        }

        return [$lettering->withWords(\implode('', \array_slice($characters, $start, $end - $start)), $letters), $at - $start];
    }
}
