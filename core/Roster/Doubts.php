<?php

declare(strict_types=1);

namespace Uvret\Roster;

/** Looks through a list for what is often a mistake. */
final class Doubts
{
    /** A name stands out if it exceeds the median length by this factor and by this many letters. */
    private const LONG = 2.0;

    private const LONGER = 5;

    /**
     * @param list<string>                   $sizes   that the blank comes in; empty if that is not known
     * @param callable(string): list<string> $missing characters of a text that the fonts of its lines don't have
     *
     * @return list<Doubt> in the order of the list
     */
    public static function of(Roster $roster, array $sizes, callable $missing): array
    {
        $names = self::counted($roster, 'name');
        $numbers = self::counted($roster, 'number');
        $capitals = self::areMixed($roster);
        $usual = self::usualLength($roster);
        $hasNumbers = [] !== $numbers;
        $known = \array_map(\mb_strtolower(...), $sizes);
        $doubts = [];
        foreach ($roster->people as $person) {
            if ($person->isEmpty()) {
                continue;
            }
            $say = static function (string $column, string $message) use ($person, &$doubts): void {
                $doubts[] = new Doubt($person->id, $column, $message);
            };
            [$name, $number, $size] = [$person->cut('name'), $person->cut('number'), $person->cut('size')];
            if ('' === $name && !$hasNumbers) {
                $say('name', 'no name');
            }
            if (($names[\mb_strtolower($name)] ?? 0) > 1) {
                $say('name', "“{$name}” appears {$names[\mb_strtolower($name)]} times");
            }
            if (($numbers[$number] ?? 0) > 1) {
                $say('number', "number $number appears {$numbers[$number]} times");
            }
            if ('' !== $name && $hasNumbers && '' === $number) {
                $say('number', 'no number');
            }
            if ('' === $size) {
                $say('size', 'no size');
            } elseif ([] !== $known && !\in_array(\mb_strtolower($size), $known, true)) {
                $say('size', "the blank doesn’t come in $size; it comes in ".\implode(', ', $sizes));
            }
            foreach ($person->values as $column => $value) {
                if ($value !== \trim($value)) {
                    $say($column, 'leading or trailing space');
                }
            }
            foreach (['name', 'number'] as $column) {
                $without = $missing($person->cut($column));
                if ([] !== $without) {
                    $say($column, 'the font lacks '.\implode(' ', $without));
                }
            }
            if ($capitals && self::isCapitals($name)) {
                $say('name', 'all capitals, unlike the other names');
            }
            $length = \mb_strlen($name);
            if ($usual > 0 && $length > self::LONG * $usual && $length > $usual + self::LONGER) {
                $say('name', 'much longer than the other names');
            }
            if (1 === \preg_match('/\D/', $person->cut('quantity'))) {
                $say('quantity', 'quantity is not a whole number');
            }
        }

        return $doubts;
    }

    /** @return array<string, int> how often each value of a column stands in the list, whatever its letters */
    private static function counted(Roster $roster, string $column): array
    {
        $values = \array_map(static fn (Person $person): string => \mb_strtolower($person->cut($column)), $roster->people);

        return \array_count_values(\array_filter($values, static fn (string $value): bool => '' !== $value));
    }

    private static function areMixed(Roster $roster): bool
    {
        $names = \array_filter(
            \array_map(static fn (Person $person): string => $person->cut('name'), $roster->people),
            static fn (string $name): bool => '' !== $name,
        );
        $capitals = \count(\array_filter($names, self::isCapitals(...)));

        return $capitals > 0 && 2 * $capitals < \count($names);
    }

    private static function isCapitals(string $name): bool
    {
        return \mb_strlen($name) > 1 && $name === \mb_strtoupper($name) && $name !== \mb_strtolower($name);
    }

    /** The middle of all names' lengths; 0 in lists too short to tell. */
    private static function usualLength(Roster $roster): int
    {
        $lengths = \array_values(\array_filter(\array_map(static fn (Person $person): int => \mb_strlen($person->cut('name')), $roster->people)));
        \sort($lengths);

        return \count($lengths) < 4 ? 0 : $lengths[\intdiv(\count($lengths), 2)];
    }
}
