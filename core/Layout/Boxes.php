<?php

declare(strict_types=1);

namespace Uvret\Layout;

use Uvret\Geometry\Box;

/**
 * Film length of a plain box packing, for comparison: skyline, lowest end, both rotations, best of four orders.
 */
final class Boxes
{
    /**
     * @param list<Box> $boxes
     * @param int       $width of the film, in µm
     * @param int       $gap   between boxes, in µm
     * @param bool      $turn  whether they may be rotated 90°
     *
     * @return int the length of film, in µm
     */
    public static function length(array $boxes, int $width, int $gap, bool $turn = true): int
    {
        /** @var list<\Closure(int, int): int> $orders sort keys from width and height, largest first */
        $orders = [
            static fn (int $one, int $other): int => $one * $other,
            static fn (int $one, int $other): int => \max($one, $other),
            static fn (int $one, int $other): int => \min($one, $other),
            static fn (int $one, int $other): int => $one + $other,
        ];
        $sizes = \array_map(static fn (Box $box): array => [$box->width() + $gap, $box->height() + $gap], $boxes);
        $least = \PHP_INT_MAX;
        foreach ($orders as $order) {
            \usort($sizes, static fn (array $a, array $b): int => $order(...$b) <=> $order(...$a));
            $least = \min($least, self::skyline($sizes, $width + $gap, $turn));
        }

        return \max(0, $least - $gap);
    }

    /** @param list<array{int, int}> $sizes */
    private static function skyline(array $sizes, int $width, bool $turn): int
    {
        /** @var list<array{int, int, int}> $line segments from the left: start, width, height */
        $line = [[0, $width, 0]];
        $length = 0;
        foreach ($sizes as [$one, $other]) {
            $best = null;
            foreach ($turn ? [[$one, $other], [$other, $one]] : [[$one, $other]] as [$wide, $high]) {
                foreach ($line as $at => [$x]) {
                    $y = self::height($line, $at, $wide);
                    if (null !== $y && (null === $best || [$y + $high, $y, $x] < [$best[1] + $best[3], $best[1], $best[0]])) {
                        $best = [$x, $y, $wide, $high];
                    }
                }
            }
            if (null === $best) {
                return \PHP_INT_MAX;
            }
            [$x, $y, $wide, $high] = $best;
            $length = \max($length, $y + $high);
            $next = [];
            foreach ($line as [$left, $across, $up]) {
                if ($left < $x) {
                    $next[] = [$left, \min($across, $x - $left), $up];
                }
                if ($left + $across > $x + $wide) {
                    $from = \max($left, $x + $wide);
                    $next[] = [$from, $left + $across - $from, $up];
                }
            }
            $next[] = [$x, $wide, $y + $high];
            \sort($next);
            $line = $next;
        }

        return $length;
    }

    /**
     * The height at which a box would rest on the skyline; null if it exceeds the film width.
     *
     * @param list<array{int, int, int}> $line
     */
    private static function height(array $line, int $at, int $wide): ?int
    {
        $high = 0;
        for ($left = $wide; $left > 0; ++$at) {
            if (!isset($line[$at])) {
                return null;
            }
            $high = \max($high, $line[$at][2]);
            $left -= $line[$at][1];
        }

        return $high;
    }
}
