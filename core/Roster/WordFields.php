<?php

declare(strict_types=1);

namespace Uvret\Roster;

/** Fields in a line's words: ⟨name⟩ stands for what the roster has for a person in that column. */
final class WordFields
{
    private const FIELD = '/⟨([^⟨⟩\n]+)⟩/u';

    /** What stands in a field where there is no list. */
    private const SAMPLES = ['name' => 'Marisol', 'number' => '12', 'size' => 'M', 'blank' => 'Crew tee'];

    /** @return list<string> columns named in words, each once */
    public static function in(string $words): array
    {
        \preg_match_all(self::FIELD, $words, $fields);

        return \array_values(\array_unique($fields[1]));
    }

    public static function written(string $column): string
    {
        return "⟨{$column}⟩";
    }

    public static function sample(string $column): string
    {
        return self::SAMPLES[$column] ?? $column;
    }

    /**
     * Words with their fields filled in, and where each of their letters came from: for every letter of the filled words its place in the
     * words as they were written, -1 for letters of a field.
     *
     * @param callable(string): string $value of a column
     *
     * @return array{string, list<int>}
     */
    public static function filled(string $words, callable $value): array
    {
        $filled = '';
        $from = [];
        $at = 0;
        // Texts and column names in turn.
        foreach (\preg_split(self::FIELD, $words, -1, \PREG_SPLIT_DELIM_CAPTURE) ?: [] as $number => $part) {
            $isField = 1 === $number % 2;
            $text = $isField ? $value($part) : $part;
            $filled .= $text;
            for ($letter = 0, $length = \mb_strlen($text); $letter < $length; ++$letter) {
                $from[] = $isField ? -1 : $at + $letter;
            }
            $at += \mb_strlen($isField ? self::written($part) : $part);
        }

        return [$filled, $from];
    }
}
