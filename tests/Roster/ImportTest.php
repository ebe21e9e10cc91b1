<?php

declare(strict_types=1);

namespace Uvret\Tests\Roster;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Roster\Import\ColumnMatch;
use Uvret\Roster\Import\Table;
use Uvret\Roster\Import\TableReader;
use Uvret\Roster\Person;
use Uvret\Roster\RosterException;

/** Lists as they come: from spreadsheets, in any common separator and encoding, with and without titles. */
final class ImportTest extends TestCase
{
    private const ROWS = [['Name', 'Number', 'Size'], ['Ottilie', '007', 'S'], ['Zoë “Oar” Fenwick, jr.', '5', 'XL'], ['Łucja', '12', 'M']];

    /** @return iterable<string, array{string}> */
    public static function files(): iterable
    {
        foreach ([',', ';', "\t", '|'] as $separator) {
            $csv = self::csv(self::ROWS, $separator);
            yield "separated by $separator" => [$csv];
            yield "separated by $separator, Windows line ends and a byte order mark" => ["\xEF\xBB\xBF".\str_replace("\n", "\r\n", $csv)];
        }
        yield 'UTF-16' => ["\xFF\xFE".\mb_convert_encoding(self::csv(self::ROWS, ';'), 'UTF-16LE', 'UTF-8')];
    }

    #[DataProvider('files')]
    public function testEachIsReadAsItWasWritten(string $content): void
    {
        $table = TableReader::read($content);
        self::assertSame(self::ROWS[0], $table->titles);
        self::assertSame(\array_slice(self::ROWS, 1), $table->rows);
    }

    public function testWindowsLetters(): void
    {
        $table = TableReader::read((string) \mb_convert_encoding("name;size\nZoë;S\n", 'CP1252', 'UTF-8'));
        self::assertSame([['Zoë', 'S']], $table->rows);
    }

    /** Written by a library of another language. */
    public function testAnXlsxFile(): void
    {
        $file = (string) \tempnam(\sys_get_temp_dir(), 'uvret');
        $rows = [['Name', 'Seat', 'Size', 'Year'], ['Ottilie', 7, 'S', 2009], ['=1+1', '007', 'XL', 2011], ['Łucja', 12.5, 'M', '']];
        \exec('node '.__DIR__.'/write-xlsx.mjs '.\escapeshellarg($file).' '.\escapeshellarg(\json_encode($rows, \JSON_THROW_ON_ERROR)).' 2>&1', $said, $status);
        self::assertSame(0, $status, \implode("\n", $said));
        $table = TableReader::read((string) \file_get_contents($file));
        \unlink($file);
        self::assertSame([['Ottilie', '7', 'S', '2009'], ['=1+1', '007', 'XL', '2011'], ['Łucja', '12.5', 'M', '']], $table->rows);
        self::assertSame(['name', 'number', 'size', 'Year'], ColumnMatch::of($table));
    }

    public function testTwoThousandRows(): void
    {
        $rows = [['name', 'no'], ...\array_map(static fn (int $row): array => ["Rower $row", (string) $row], \range(1, 2_000))];
        self::assertSame(\array_slice($rows, 1), TableReader::read(self::csv($rows, ','))->rows);
    }

    /** @return iterable<string, array{string, string}> content, what is said */
    public static function broken(): iterable
    {
        yield 'nothing' => [" \n ", 'The file has no rows.'];
        yield 'a row with a cell too many' => ["name,size\nOttilie,S\nInes,M,5\n", 'Row 3 cannot be read: it has 3 cells, but only 2 columns have a title'];
        yield 'a quotation mark left open' => ["name,size\n\"Ottilie,S\n".\str_repeat("Ines,M\n", 60), 'Row 2 cannot be read: a quotation mark is not closed'];
        yield 'a picture' => ["name,size\nOttilie,S\n\x01\x02,M\n", 'Row 3 cannot be read: it has letters that are no text'];
        yield 'a cell that is a novel' => ['name'."\n".\str_repeat('Oar ', 60), 'Row 2 cannot be read: a cell has more than 200 letters'];
        yield 'too many' => ["name\n".\str_repeat("Ines\n", 5_002), 'The list has 5002 people; a list can have up to 5000.'];
        yield 'a ZIP that is no workbook' => ["PK\x03\x04nothing", 'The file cannot be read'];
    }

    #[DataProvider('broken')]
    public function testABrokenFileIsRefusedWithTheRowAndTheReason(string $content, string $said): void
    {
        $this->expectException(RosterException::class);
        $this->expectExceptionMessageMatches('/^'.\preg_quote($said, '/').'/');
        TableReader::read($content);
    }

    /** @return iterable<string, array{list<string>, list<list<string>>, list<string>}> titles, rows, columns */
    public static function tables(): iterable
    {
        yield 'other words for the same' => [
            ['Player', 'Seat', 'Shirt size', 'Qty', 'Remarks'],
            [['a', 'b', 'c', 'd', 'e']],
            ['name', 'number', 'size', 'quantity', 'note'],
        ];
        yield 'the shop’s own columns' => [['Role', 'NAME:', 'Year'], [['a', 'b', 'c']], ['Role', 'name', 'Year']];
        yield 'two of the same' => [['Name', 'Crew', 'Crew'], [['a', 'b', 'c']], ['name', 'Crew', '']];
        yield 'without titles' => [[], [['7', 'Ottilie', 'S', ''], ['12', 'Bo', 'XXL', '']], ['number', 'name', 'size', '']];
        yield 'two of names, two of numbers' => [[], [['Ottilie', 'cox', '7', '2'], ['Bo', 'bow', '8', '1']], ['name', 'note', 'number', 'quantity']];
    }

    /**
     * @param list<string>       $titles
     * @param list<list<string>> $rows
     * @param list<string>       $columns
     */
    #[DataProvider('tables')]
    public function testColumnsAreMatchedByTitleOrByWhatStandsInThem(array $titles, array $rows, array $columns): void
    {
        $table = new Table($titles, $rows);
        self::assertSame($columns, ColumnMatch::of($table));
        $row = 0;
        $people = ColumnMatch::people($table, $columns, static function () use (&$row): string {
            return 'p'.++$row;
        });
        $values = [];
        foreach ($columns as $at => $column) {
            if ('' !== $column && '' !== $rows[0][$at]) {
                $values[$column] = $rows[0][$at];
            }
        }
        self::assertSame($values, $people[0]->values);
        $ids = \array_map(static fn (Person $person): string => $person->id, $people);
        self::assertSame(\array_map(static fn (int $number): string => "p$number", \range(1, \count($rows))), $ids);
    }

    /** @param list<list<string>> $rows */
    private static function csv(array $rows, string $separator): string
    {
        $file = \fopen('php://memory', 'r+');
        \assert(false !== $file);
        foreach ($rows as $row) {
            \fputcsv($file, $row, $separator, '"', '');
        }
        \rewind($file);

        return (string) \stream_get_contents($file);
    }
}
