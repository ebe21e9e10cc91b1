<?php

declare(strict_types=1);

namespace Uvret\Blanks\Measuring;

/** Sizes between two measured ones: measures, areas and keep-off places in even steps. */
final class Between
{
    /** Lengths are rounded to millimetres. */
    private const WHOLE = 1_000;

    /**
     * @param \stdClass    $from  a size of a shop's blank, see shop-blank.schema.json
     * @param \stdClass    $to    another one of the same blank
     * @param list<string> $names of the sizes between, from first to last
     *
     * @return list<\stdClass>
     */
    public static function sizes(\stdClass $from, \stdClass $to, array $names): array
    {
        $sizes = [];
        foreach ($names as $at => $name) {
            $size = self::mixed($from, $to, ($at + 1) / (\count($names) + 1));
            \assert($size instanceof \stdClass);
            $size->size = $name;
            // Computed, not measured.
            unset($size->measures);
            $sizes[] = $size;
        }

        return $sizes;
    }

    /** Interpolates numbers; anything else, or present in one only, is taken from the first. */
    private static function mixed(mixed $from, mixed $to, float $share): mixed
    {
        if (\is_int($from) && \is_int($to)) {
            return $from === $to ? $from : self::WHOLE * (int) \round(($from + ($to - $from) * $share) / self::WHOLE);
        }
        if ($from instanceof \stdClass && $to instanceof \stdClass) {
            $mixed = new \stdClass();
            foreach (\get_object_vars($from) as $name => $value) {
                $mixed->{$name} = self::mixed($value, $to->{$name} ?? $value, $share);
            }

            return $mixed;
        }
        if (\is_array($from) && \is_array($to)) {
            return self::lists($from, $to, $share);
        }

        return $from;
    }

    /**
     * Entries are matched by id, or by index if they have none.
     *
     * @param array<mixed> $from
     * @param array<mixed> $to
     *
     * @return list<mixed>
     */
    private static function lists(array $from, array $to, float $share): array
    {
        $others = [];
        foreach (\array_values($to) as $at => $entry) {
            $others[$entry instanceof \stdClass && \is_string($entry->id ?? null) ? $entry->id : $at] = $entry;
        }
        $mixed = [];
        foreach (\array_values($from) as $at => $entry) {
            $key = $entry instanceof \stdClass && \is_string($entry->id ?? null) ? $entry->id : $at;
            $mixed[] = self::mixed($entry, $others[$key] ?? $entry, $share);
        }

        return $mixed;
    }
}
