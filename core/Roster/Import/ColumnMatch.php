<?php

declare(strict_types=1);

namespace Uvret\Roster\Import;

use Uvret\Roster\Person;

/** Which column of a table is which of a roster: by its title, without titles by what stands in it. */
final class ColumnMatch
{
    /** Titles that people give their columns, besides the roster's own. */
    private const TITLES = [
        'name' => ['names', 'player', 'rower', 'crew', 'person', 'text', 'lettering', 'first name', 'full name', 'name on shirt', 'name on back'],
        'number' => ['no', 'nr', 'num', '#', 'seat', 'seat number', 'bib', 'shirt number', 'squad number'],
        'size' => ['sizes', 'shirt size', 'garment size', 'sz'],
        'blank' => ['garment', 'item', 'shirt', 'product', 'article'],
        'quantity' => ['qty', 'quantities', 'count', 'pieces', 'pcs', 'amount'],
        'note' => ['notes', 'remark', 'remarks', 'comment', 'comments'],
    ];

    private const SIZE = '/^(\d?x{0,3}[sl]|m|xs|\d{1,3}\s?(y|yrs|years)?|one size|(small|medium|large))$/iu';

    /** @param array<int, string> $row */
    public static function isTitles(array $row): bool
    {
        return [] !== \array_filter($row, static fn (string $cell): bool => null !== self::byTitle($cell));
    }

    /**
     * @return list<string> for each column of the table the roster's column: one of its own, the column's title, or empty if it has none
     */
    public static function of(Table $table): array
    {
        $columns = [];
        for ($at = 0; $at < $table->width(); ++$at) {
            $title = \trim($table->titles[$at] ?? '');
            $column = [] === $table->titles ? self::byContent($table->column($at), $columns) : self::byTitle($title) ?? $title;
            // Each column of the roster is taken once; another keeps its title, if that is free.
            $free = \array_values(\array_diff([$column, $title], $columns));
            $columns[] = $free[0] ?? '';
        }

        return $columns;
    }

    private static function byTitle(string $title): ?string
    {
        $title = \mb_strtolower(\trim($title, " \t\n\r.:*"));
        foreach (self::TITLES as $column => $titles) {
            if ($title === $column || \in_array($title, $titles, true)) {
                return $column;
            }
        }

        return null;
    }

    /**
     * @param list<string> $values
     * @param list<string> $taken  columns that are known already
     */
    private static function byContent(array $values, array $taken): string
    {
        $filled = \array_values(\array_filter(\array_map(\trim(...), $values), static fn (string $value): bool => '' !== $value));
        $all = static fn (string $pattern): bool => [] !== $filled && \count(\preg_grep($pattern, $filled) ?: []) === \count($filled);
        $column = match (true) {
            [] === $filled => '',
            $all('/^\d+$/') => 'number',
            $all(self::SIZE) => 'size',
            default => 'name',
        };

        return \in_array($column, $taken, true) ? ('number' === $column ? 'quantity' : 'note') : $column;
    }

    /**
     * People from a table, columns as they were matched; columns without a match are left out.
     *
     * @param list<string>       $columns one for each of the table's
     * @param callable(): string $id      a new one at each call
     *
     * @return list<Person>
     */
    public static function people(Table $table, array $columns, callable $id): array
    {
        $people = [];
        foreach ($table->rows as $row) {
            $values = [];
            foreach ($columns as $at => $column) {
                if ('' !== $column && '' !== ($row[$at] ?? '')) {
                    $values[$column] = $row[$at];
                }
            }
            $people[] = new Person($id(), $values);
        }

        return $people;
    }
}
