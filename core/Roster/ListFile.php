<?php

declare(strict_types=1);

namespace Uvret\Roster;

/** Writes a list as a CSV file (RFC 4180) that spreadsheets open as UTF-8. */
final class ListFile
{
    private const MARK = "\xEF\xBB\xBF";

    public static function csv(Roster $roster): string
    {
        $file = \fopen('php://memory', 'r+') ?: throw new \LogicException('Memory can be written to.');
        $columns = $roster->columns();
        \fputcsv($file, $columns, ',', '"', '', "\r\n");
        foreach ($roster->people as $person) {
            \fputcsv($file, \array_map($person->value(...), $columns), ',', '"', '', "\r\n");
        }
        \rewind($file);

        return self::MARK.\stream_get_contents($file);
    }
}
