<?php

declare(strict_types=1);

namespace Uvret\Roster;

/** A list that cannot be taken; the one before stays as it is. */
final class RosterException extends \RuntimeException
{
    public static function notAList(): self
    {
        return new self('This is not a list of people.');
    }

    public static function tooMany(int $count, int $most): self
    {
        return new self("The list has $count people; a list can have up to $most. Split it into two jobs.");
    }

    public static function badColumn(string $name): self
    {
        return new self("“{$name}” cannot name a column. Use 1 to 40 letters, without ⟨ and ⟩.");
    }

    public static function columnTwice(string $name): self
    {
        return new self("There are two columns named “{$name}”. Rename one of them.");
    }

    public static function personTwice(int $row): self
    {
        return new self("Row $row has the same id as a row before it.");
    }

    public static function badRow(int $row): self
    {
        return new self("Row $row is not a person.");
    }

    public static function badValue(int $row, string $column): self
    {
        return new self("Row $row: “{$column}” has more than 200 letters, or is not text.");
    }

    public static function nothingInIt(): self
    {
        return new self('The file has no rows. Choose one with a row for each person.');
    }

    public static function unreadable(): self
    {
        return new self('The file cannot be read as a list. Save it as CSV or XLSX and open that.');
    }

    public static function brokenRow(int $row, string $reason): self
    {
        return new self("Row $row cannot be read: $reason. Nothing was imported; fix the row and open the file again.");
    }

    public static function personCannotBeMade(string $name, string $reason): self
    {
        return new self("“{$name}”: $reason");
    }
}
