<?php

declare(strict_types=1);

namespace Uvret\Tests\Support;

/** A picture that rsvg-convert drew: how dark each of its points is. */
final readonly class Png
{
    /** @param list<string> $rows four bytes a point */
    private function __construct(
        public int $width,
        public int $height,
        private array $rows,
    ) {
    }

    public static function drawn(string $svg): self
    {
        $file = (string) \tempnam(\sys_get_temp_dir(), 'uvret');
        \file_put_contents($file, $svg);
        $png = (string) \shell_exec('rsvg-convert --unlimited --background-color white '.\escapeshellarg($file));
        \unlink($file);

        return self::read($png);
    }

    /** Eight bits a channel, not interlaced (PNG, chapters 9 and 11). */
    private static function read(string $png): self
    {
        /** @var array{width: int, height: int, depth: int, colour: int}|false $header */
        $header = \unpack('Nwidth/Nheight/Cdepth/Ccolour', $png, 16);
        if (false === $header || 8 !== $header['depth'] || !\in_array($header['colour'], [2, 6], true)) {
            throw new \RuntimeException('Not a picture that is read here.');
        }
        $data = '';
        for ($at = 8; $at < \strlen($png);) {
            /** @var array{length: int, type: string}|false $chunk */
            $chunk = \unpack('Nlength/a4type', $png, $at);
            \assert(false !== $chunk);
            if ('IDAT' === $chunk['type']) {
                $data .= \substr($png, $at + 8, $chunk['length']);
            }
            $at += 12 + $chunk['length'];
        }
        $bytes = (string) \gzuncompress($data);
        $size = 6 === $header['colour'] ? 4 : 3;
        $length = $size * $header['width'];
        $rows = [];
        $above = \str_repeat("\0", $length);
        for ($y = 0; $y < $header['height']; ++$y) {
            $above = self::row(\ord($bytes[$y * ($length + 1)]), \substr($bytes, $y * ($length + 1) + 1, $length), $above, $size);
            $rows[] = 4 === $size ? $above : \implode('', \array_map(static fn (string $point): string => $point."\xff", \str_split($above, 3)));
        }

        return new self($header['width'], $header['height'], $rows);
    }

    private static function row(int $filter, string $row, string $above, int $size): string
    {
        if (0 === $filter) {
            return $row;
        }
        /** @var list<int> $values */
        $values = \array_values((array) \unpack('C*', $row));
        /** @var list<int> $up */
        $up = \array_values((array) \unpack('C*', $above));
        foreach ($values as $at => $value) {
            $left = $at < $size ? 0 : $values[$at - $size];
            $corner = $at < $size ? 0 : $up[$at - $size];
            $add = match ($filter) {
                1 => $left,
                2 => $up[$at],
                3 => \intdiv($left + $up[$at], 2),
                default => self::paeth($left, $up[$at], $corner),
            };
            $values[$at] = ($value + $add) & 0xFF;
        }

        return \pack('C*', ...$values);
    }

    private static function paeth(int $left, int $up, int $corner): int
    {
        $guess = $left + $up - $corner;
        [$a, $b, $c] = [\abs($guess - $left), \abs($guess - $up), \abs($guess - $corner)];

        return $a <= $b && $a <= $c ? $left : ($b <= $c ? $up : $corner);
    }

    /** From 0 for white to 1 for black. */
    public function darkness(int $x, int $y): float
    {
        $point = \substr($this->rows[$y], 4 * $x, 3);

        return 1 - (\ord($point[0]) + \ord($point[1]) + \ord($point[2])) / 765;
    }

    /** How many points of a square differ clearly from those of another picture. */
    public function differences(self $other, int $left, int $top, int $size): int
    {
        $count = 0;
        for ($y = $top; $y < $top + $size; ++$y) {
            $own = \substr($this->rows[$y], 4 * $left, 4 * $size);
            $its = \substr($other->rows[$y], 4 * $left, 4 * $size);
            if ($own === $its) {
                continue;
            }
            for ($at = 0; $at < 4 * $size; $at += 4) {
                $count += \abs(\ord($own[$at]) - \ord($its[$at])) > 96
                    || \abs(\ord($own[$at + 1]) - \ord($its[$at + 1])) > 96
                    || \abs(\ord($own[$at + 2]) - \ord($its[$at + 2])) > 96
                    ? 1
                    : 0;
            }
        }

        return $count;
    }
}
