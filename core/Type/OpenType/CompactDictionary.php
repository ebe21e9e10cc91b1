<?php

declare(strict_types=1);

namespace Uvret\Type\OpenType;

use Uvret\Type\FontException;

/** A DICT of the CFF table: operators with their operands (Adobe Technical Note 5176). */
final readonly class CompactDictionary
{
    /** @param array<int, list<float>> $entries operands by operator; those of two bytes are 1200 and more */
    private function __construct(private array $entries)
    {
    }

    public static function read(string $bytes): self
    {
        $data = new Table('CFF ', $bytes);
        $entries = [];
        $operands = [];
        for ($at = 0; $at < $data->length;) {
            $b = $data->u8($at++);
            if ($b <= 24) {
                $operator = 12 === $b ? 1200 + $data->u8($at++) : $b;
                $entries[$operator] = $operands;
                $operands = [];
            } elseif (28 === $b) {
                $operands[] = (float) $data->i16($at);
                $at += 2;
            } elseif (29 === $b) {
                $value = $data->u32($at);
                $operands[] = (float) ($value < 0x80000000 ? $value : $value - 0x100000000);
                $at += 4;
            } elseif (30 === $b) {
                $text = '';
                for ($more = true; $more;) {
                    $pair = $data->u8($at++);
                    foreach ([$pair >> 4, $pair & 15] as $nibble) {
                        if (15 === $nibble) {
                            $more = false;
                            break;
                        }
                        $text .= ['0', '1', '2', '3', '4', '5', '6', '7', '8', '9', '.', 'E', 'E-', '', '-'][$nibble] ?? '';
                    }
                }
                $operands[] = (float) $text;
            } elseif ($b >= 32 && $b <= 246) {
                $operands[] = (float) ($b - 139);
            } elseif ($b >= 247 && $b <= 250) {
                $operands[] = (float) (($b - 247) * 256 + $data->u8($at++) + 108);
            } elseif ($b >= 251 && $b <= 254) {
                $operands[] = (float) (-($b - 251) * 256 - $data->u8($at++) - 108);
            }
            if (\count($operands) > 513) {
                throw FontException::badTable('CFF ', 'a dictionary has too many operands');
            }
        }

        return new self($entries);
    }

    public function has(int $operator): bool
    {
        return isset($this->entries[$operator]);
    }

    public function number(int $operator, int $which = 0, int $default = 0): int
    {
        return (int) ($this->entries[$operator][$which] ?? $default);
    }
}
