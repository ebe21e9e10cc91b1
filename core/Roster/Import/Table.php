<?php

declare(strict_types=1);

namespace Uvret\Roster\Import;

/** A list as it came from a file or a spreadsheet: rows of text. */
final readonly class Table
{
    /**
     * @param list<string>       $titles of the columns; empty if the first row is a person
     * @param list<list<string>> $rows   as wide as the table
     */
    public function __construct(
        public array $titles,
        public array $rows,
    ) {
    }

    public function width(): int
    {
        return \count($this->rows[0] ?? $this->titles);
    }

    /** @return list<string> */
    public function column(int $at): array
    {
        return \array_map(static fn (array $row): string => $row[$at], $this->rows);
    }
}
