<?php

declare(strict_types=1);

namespace Uvret\Tests\Roster;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Roster\Doubt;
use Uvret\Roster\Doubts;
use Uvret\Roster\Roster;
use Uvret\Roster\RosterException;
use Uvret\Roster\WordFields;

final class RosterTest extends TestCase
{
    public function testItIsKeptAsItWasRead(): void
    {
        $document = self::document([
            ['id' => '1', 'values' => ['name' => ' Ottilie ', 'year' => '2009', 'gone' => 'x', 'size' => '']],
            ['id' => '2', 'values' => ['quantity' => '3'], 'own' => ['line-1' => ['lettering' => ['words' => 'O']]]],
            ['id' => '3'],
        ], ['year']);
        $roster = Roster::fromDocument($document);
        self::assertSame([...['name', 'number', 'size', 'blank', 'quantity', 'note'], 'year'], $roster->columns());
        self::assertSame(['name' => ' Ottilie ', 'year' => '2009'], $roster->people[0]->values, 'columns that are gone are left out');
        self::assertSame('Ottilie', $roster->people[0]->cut('name'), 'spaces are not cut');
        self::assertSame([1, 3, 1], \array_map(static fn ($person): int => $person->quantity(), $roster->people));
        self::assertTrue($roster->people[2]->isEmpty());
        self::assertSame($roster->people[1], $roster->person('2'));
        self::assertNull($roster->person('4'));
        self::assertSame([\str_repeat('y', 40)], Roster::fromDocument(self::document([], [\str_repeat('y', 40)]))->more);
        $kept = \json_decode(\json_encode($roster->toDocument(), \JSON_THROW_ON_ERROR));
        self::assertEquals($roster, Roster::fromDocument($kept));
    }

    /** @return iterable<string, array{mixed, string}> */
    public static function wrong(): iterable
    {
        yield 'no list' => [[], 'not a list'];
        yield 'no rows' => [(object) ['columns' => []], 'not a list'];
        yield 'too many' => [self::document(\array_fill(0, 5_001, ['id' => '1'])), '5001 people'];
        yield 'a row without an id' => [self::document([['id' => '1'], []]), 'Row 2 is not a person'];
        yield 'an id twice' => [self::document([['id' => '1'], ['id' => '1']]), 'Row 2 has the same id'];
        yield 'a number for a name' => [self::document([['id' => '1', 'values' => ['name' => 5]]]), 'Row 1: “name” has more than 200 letters'];
        yield 'a novel' => [self::document([['id' => '1', 'values' => ['name' => \str_repeat('n', 201)]]]), 'Row 1: “name” has more than 200 letters'];
        yield 'a column of every list' => [self::document([], ['Name']), 'two columns named “Name”'];
        yield 'a column twice' => [self::document([], ['year', 'Year']), 'two columns named “Year”'];
        yield 'a column with a long name' => [self::document([], [\str_repeat('y', 41)]), 'cannot name a column'];
        yield 'a column without a name' => [self::document([], [' ']), 'cannot name a column'];
        yield 'a column that looks like a field' => [self::document([], ['⟨x⟩']), 'cannot name a column'];
    }

    #[DataProvider('wrong')]
    public function testWhatIsWrongIsSaid(mixed $document, string $said): void
    {
        $this->expectException(RosterException::class);
        $this->expectExceptionMessageMatches('/'.\preg_quote($said, '/').'/');
        Roster::fromDocument($document);
    }

    /** @return iterable<string, array{list<array<string, string>>, list<string>}> values by row; doubts as row column message */
    public static function lists(): iterable
    {
        $fine = [['name' => 'Ottilie', 'number' => '4', 'size' => 'S'], ['name' => 'Bo', 'number' => '5', 'size' => 'm']];
        yield 'all is well' => [$fine, []];
        yield 'an empty row' => [[...$fine, ['name' => ' ']], []];
        yield 'a name twice, whatever its letters' => [[...$fine, ['name' => 'BO', 'number' => '6', 'size' => 'M']], [
            '2 name “Bo” appears 2 times',
            '3 name “BO” appears 2 times',
            '3 name all capitals, unlike the other names',
        ]];
        yield 'a number twice' => [[...$fine, ['name' => 'Ines', 'number' => '4', 'size' => 'M']], [
            '1 number number 4 appears 2 times',
            '3 number number 4 appears 2 times',
        ]];
        yield 'no number' => [[...$fine, ['name' => 'Ines', 'size' => 'M']], ['3 number no number']];
        yield 'no numbers at all' => [[['name' => 'Ines', 'size' => 'M']], []];
        yield 'neither name nor number' => [[['note' => 'later', 'size' => 'M']], ['1 name no name']];
        yield 'sizes' => [[...$fine, ['name' => 'Ines', 'number' => '6'], ['name' => 'Kaspar', 'number' => '7', 'size' => 'XXL']], [
            '3 size no size',
            '4 size the blank doesn’t come in XXL; it comes in S, M',
        ]];
        yield 'spaces' => [[['name' => ' Ottilie', 'size' => "S\t"]], ['1 name leading or trailing space', '1 size leading or trailing space']];
        yield 'letters that the font lacks' => [[['name' => 'Œdipa?', 'size' => 'S']], ['1 name the font lacks ?']];
        yield 'capitals are the rule' => [[['name' => 'BO', 'size' => 'S'], ['name' => 'Ines', 'size' => 'S']], []];
        yield 'a far longer name' => [\array_map(
            static fn (string $name): array => ['name' => $name, 'size' => 'S'],
            ['Bo', 'Ines', 'Kaspar', 'Ottilie', 'Maximiliana-Rose'],
        ), [
            '5 name much longer than the other names',
        ]];
        yield 'twice as long, or longer by five, is not far longer' => [\array_map(
            static fn (string $name): array => ['name' => $name, 'size' => 'S'],
            ['Bo', 'Ines', 'Juno', 'Piet', 'Rosalind', 'Charlotte'],
        ), []];
        yield 'an empty row between others' => [[['note' => ' '], ['name' => 'Bo']], ['2 size no size']];
        yield 'too short a list to tell' => [\array_map(
            static fn (string $name): array => ['name' => $name, 'size' => 'S'],
            ['Bo', 'Ines', 'Maximiliana-Rose'],
        ), []];
        yield 'a quantity' => [[['name' => 'Bo', 'size' => 'S', 'quantity' => 'two']], ['1 quantity quantity is not a whole number']];
    }

    /**
     * @param list<array<string, string>> $rows
     * @param list<string>                $expected
     */
    #[DataProvider('lists')]
    public function testWhatIsDoubtfulIsMarked(array $rows, array $expected): void
    {
        $people = \array_map(static fn (int $row): array => ['id' => (string) ($row + 1), 'values' => $rows[$row]], \array_keys($rows));
        $missing = static fn (string $text): array => \str_contains($text, '?') ? ['?'] : [];
        $doubts = Doubts::of(Roster::fromDocument(self::document($people)), ['S', 'M'], $missing);
        self::assertSame($expected, \array_map(static fn (Doubt $doubt): string => "$doubt->person $doubt->column $doubt->message", $doubts));
    }

    public function testFieldsAreFilledAndLettersKnowWhereTheyCameFrom(): void
    {
        $words = 'Seat ⟨number⟩, ⟨name⟩!';
        self::assertSame(['number', 'name'], WordFields::in($words));
        self::assertSame([], WordFields::in("⟨⟩ ⟨a\nb⟩ <name>"));
        self::assertSame('⟨name⟩', WordFields::written('name'));
        [$filled, $from] = WordFields::filled($words, static fn (string $column): string => ['number' => '7', 'name' => 'Bo'][$column]);
        self::assertSame('Seat 7, Bo!', $filled);
        self::assertSame([0, 1, 2, 3, 4, -1, 13, 14, -1, -1, 21], $from);
        self::assertSame('Seat 12, Marisol!', WordFields::filled($words, WordFields::sample(...))[0]);
        self::assertSame('role', WordFields::sample('role'));
    }

    /**
     * @param list<array<string, mixed>> $people
     * @param list<string>               $columns
     */
    private static function document(array $people, array $columns = []): mixed
    {
        $rows = \array_map(static fn (array $person): object => (object) $person, $people);

        return \json_decode(\json_encode(['columns' => $columns, 'people' => $rows], \JSON_THROW_ON_ERROR));
    }
}
