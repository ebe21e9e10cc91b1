<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\Roster\Import\ColumnMatch;
use Uvret\Roster\Import\Table;

/** A file or pasted cells as a table, with the likely list column for each of its columns. */
#[OA\Schema(schema: 'ReadTable', required: ['titles', 'columns', 'rows'])]
final readonly class ReadTable
{
    /**
     * @param list<string>       $titles
     * @param list<string>       $columns
     * @param list<list<string>> $rows
     */
    public function __construct(
        #[OA\Property(description: 'Empty if the first row is a person.', items: new OA\Items(type: 'string'))]
        public array $titles,
        #[OA\Property(description: 'Target column for each table column; empty to skip it.', items: new OA\Items(type: 'string'))]
        public array $columns,
        #[OA\Property(items: new OA\Items(type: 'array', items: new OA\Items(type: 'string')))]
        public array $rows,
    ) {
    }

    public static function of(Table $table): self
    {
        return new self($table->titles, ColumnMatch::of($table), $table->rows);
    }
}
