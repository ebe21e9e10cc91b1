<?php

declare(strict_types=1);

namespace Uvret\Roster\Import;

use PhpOffice\PhpSpreadsheet\Cell\StringValueBinder;
use PhpOffice\PhpSpreadsheet\Exception as SpreadsheetException;
use PhpOffice\PhpSpreadsheet\Reader\Csv;
use PhpOffice\PhpSpreadsheet\Reader\Xlsx;
use Uvret\Roster\Roster;
use Uvret\Roster\RosterException;

/** Reads lists: CSV with any common separator and encoding, XLSX (the first sheet), cells copied from a spreadsheet. Nothing is reckoned. */
final class TableReader
{
    /** What a file that is a ZIP, as XLSX is, begins with. */
    private const ZIP = "PK\x03\x04";

    private const LONGEST = 200;

    private const SEPARATORS = ["\t", ';', ',', '|'];

    /** Byte order marks; the longer ones first. */
    private const MARKS = ['UTF-32LE' => "\xFF\xFE\0\0", 'UTF-16LE' => "\xFF\xFE", 'UTF-16BE' => "\xFE\xFF", 'UTF-8' => "\xEF\xBB\xBF"];

    /** @throws RosterException with the row that is wrong */
    public static function read(string $content): Table
    {
        if ('' === \trim($content)) {
            throw RosterException::nothingInIt();
        }
        $file = \tempnam(\sys_get_temp_dir(), 'uvret');
        \assert(false !== $file);
        try {
            $isXlsx = \str_starts_with($content, self::ZIP);
            $text = $isXlsx ? '' : self::text($content);
            \file_put_contents($file, $isXlsx ? $content : $text);

            return self::table($isXlsx ? self::xlsx($file) : self::csv($file, self::separator($text)));
        } catch (SpreadsheetException|\ValueError) {
            throw RosterException::unreadable();
        } finally {
            \unlink($file);
        }
    }

    /** @throws RosterException if it is no text */
    private static function text(string $content): string
    {
        foreach (self::MARKS as $encoding => $mark) {
            if (\str_starts_with($content, $mark)) {
                $content = (string) \mb_convert_encoding(\substr($content, \strlen($mark)), 'UTF-8', $encoding);
            }
        }
        $text = \mb_check_encoding($content, 'UTF-8') ? $content : (string) \mb_convert_encoding($content, 'UTF-8', 'CP1252');
        if (1 === \preg_match('/[\x00-\x08\x0b\x0c\x0e-\x1f]/', $text, $found, \PREG_OFFSET_CAPTURE)) {
            throw RosterException::brokenRow(1 + \substr_count($text, "\n", 0, $found[0][1]), 'it has letters that are no text');
        }

        return $text;
    }

    /** The one of which the first row has most. */
    private static function separator(string $text): string
    {
        $first = (string) \preg_replace('/"[^"]*"/', '', \strtok(\ltrim($text), "\r\n") ?: '');
        $counts = \array_map(static fn (string $separator): int => \substr_count($first, $separator), self::SEPARATORS);

        return self::SEPARATORS[(int) \array_search(\max($counts), $counts, true)];
    }

    /** @return array<int, array<int, string>> */
    private static function csv(string $file, string $separator): array
    {
        $reader = new Csv();
        $reader->setDelimiter($separator);
        $reader->setTestAutoDetect(false);
        $reader->setEscapeCharacter('');
        // A seat number 007 stays one.
        $reader->setValueBinder((new StringValueBinder())->setNumericConversion(true)->setFormulaConversion(true));

        return self::texts($reader->load($file)->getActiveSheet()->toArray('', false, false));
    }

    /** @return array<int, array<int, string>> */
    private static function xlsx(string $file): array
    {
        $reader = new Xlsx();
        $reader->setReadDataOnly(false)->setReadEmptyCells(false);

        return self::texts($reader->load($file)->getSheet(0)->toArray('', false, true));
    }

    /**
     * @param array<mixed> $cells
     *
     * @return array<int, array<int, string>> by row in the file, counted from 0
     */
    private static function texts(array $cells): array
    {
        $texts = [];
        foreach (\array_values($cells) as $row => $values) {
            $texts[$row] = \array_map(static fn (mixed $value): string => \is_scalar($value) ? (string) $value : '', \array_values((array) $values));
        }

        return $texts;
    }

    /**
     * @param array<int, array<int, string>> $cells
     *
     * @throws RosterException
     */
    private static function table(array $cells): Table
    {
        foreach ($cells as $row => $values) {
            foreach ($values as $value) {
                if (\mb_strlen($value) > self::LONGEST) {
                    $reason = \str_contains($value, "\n") ? 'a quotation mark is not closed' : 'a cell has more than 200 letters';
                    throw RosterException::brokenRow($row + 1, $reason);
                }
            }
        }
        $filled = \array_filter($cells, static fn (array $values): bool => '' !== \trim(\implode('', $values)));
        if ([] === $filled) {
            throw RosterException::nothingInIt();
        }
        if (\count($filled) > Roster::MOST + 1) {
            throw RosterException::tooMany(\count($filled) - 1, Roster::MOST);
        }
        $width = \max(\array_map(self::width(...), $filled));
        $first = \array_key_first($filled);
        $titles = [];
        if (ColumnMatch::isTitles($filled[$first])) {
            $titles = \array_slice($filled[$first], 0, self::width($filled[$first]));
            unset($filled[$first]);
        }
        $titled = \count($titles);
        foreach ([] === $titles ? [] : $filled as $row => $values) {
            if (self::width($values) > $titled) {
                throw RosterException::brokenRow($row + 1, 'it has '.self::width($values)." cells, but only $titled columns have a title");
            }
        }

        $wide = $titled > 0 ? $titled : $width;

        return new Table(
            \array_values($titles),
            \array_map(static fn (array $values): array => \array_pad(\array_slice($values, 0, $wide), $wide, ''), \array_values($filled)),
        );
    }

    /** @param array<int, string> $values */
    private static function width(array $values): int
    {
        $filled = \array_filter($values, static fn (string $value): bool => '' !== \trim($value));

        return [] === $filled ? 0 : \max(\array_keys($filled)) + 1;
    }
}
