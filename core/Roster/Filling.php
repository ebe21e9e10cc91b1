<?php

declare(strict_types=1);

namespace Uvret\Roster;

use Uvret\Design\Design;
use Uvret\Design\Letter;
use Uvret\Design\Lettering;
use Uvret\Design\Line;

/** A design whose lines have words in place of their fields. */
final class Filling
{
    /** As it looks without a list. */
    public static function sample(Design $design): Design
    {
        return self::with($design, WordFields::sample(...), []);
    }

    /** @param list<string> $lettersAsFilled lines whose settings for letters are by their places in the filled words already */
    public static function for(Design $design, Person $person, array $lettersAsFilled = []): Design
    {
        return self::with($design, $person->cut(...), $lettersAsFilled);
    }

    /** @return list<Line> lines of a design that have fields */
    public static function lines(Design $design): array
    {
        return \array_values(\array_filter($design->lines, static fn (Line $line): bool => [] !== WordFields::in($line->lettering->words)));
    }

    /**
     * @param callable(string): string $value
     * @param list<string>             $lettersAsFilled
     */
    private static function with(Design $design, callable $value, array $lettersAsFilled): Design
    {
        if ([] === self::lines($design)) {
            return $design;
        }

        return $design->withLines(\array_map(
            static fn (Line $line): Line => $line->withLettering(self::lettering($line->lettering, $value, \in_array($line->id, $lettersAsFilled, true))),
            $design->lines,
        ));
    }

    /** @param callable(string): string $value */
    private static function lettering(Lettering $lettering, callable $value, bool $lettersAsFilled): Lettering
    {
        [$words, $from] = WordFields::filled($lettering->words, $value);
        $letters = $lettersAsFilled ? $lettering->letters : [];
        foreach ($lettersAsFilled ? [] : $from as $at => $written) {
            $letter = $lettering->letters[$written] ?? null;
            if (null !== $letter) {
                $letters[$at] = $letter->at === $at ? $letter : $letter->movedTo($at);
            }
        }

        return $lettering->withWords($words, \array_filter($letters, static fn (Letter $letter): bool => $letter->at < \mb_strlen($words)));
    }
}
