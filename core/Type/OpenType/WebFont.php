<?php

declare(strict_types=1);

namespace Uvret\Type\OpenType;

use Uvret\Type\FontException;

/** A WOFF file unpacked to the font that it was made from (W3C WOFF 1.0). */
final class WebFont
{
    private const LARGEST = 64_000_000;

    public static function unpack(string $bytes): string
    {
        $file = new Table('WOFF', $bytes);
        $count = $file->u16(12);
        $directory = '';
        $data = '';
        $at = 12 + 16 * $count;
        for ($i = 0; $i < $count; ++$i) {
            $entry = 44 + 20 * $i;
            [$offset, $packed, $length] = [$file->u32($entry + 4), $file->u32($entry + 8), $file->u32($entry + 12)];
            if ($length > self::LARGEST || \strlen($data) + $length > self::LARGEST) {
                throw FontException::badTable('WOFF', 'a table would be larger than any font');
            }
            $table = $file->text($offset, $packed);
            if ($packed < $length) {
                $table = @\gzuncompress($table, $length);
                if (false === $table || \strlen($table) !== $length) {
                    throw FontException::badTable('WOFF', 'a table cannot be unpacked');
                }
            }
            $directory .= $file->text($entry, 4).\pack('NNN', 0, $at + \strlen($data), \strlen($table));
            $data .= $table.\str_repeat("\0", (4 - \strlen($table) % 4) % 4);
        }

        return $file->text(4, 4).\pack('n4', $count, 0, 0, 0).$directory.$data;
    }
}
