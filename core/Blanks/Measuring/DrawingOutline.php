<?php

declare(strict_types=1);

namespace Uvret\Blanks\Measuring;

/** Lines of drawings: x and y of the start, then six numbers for each cubic, in millimetres. */
final class DrawingOutline
{
    private const FINE = 48;

    /**
     * The line in short segments; straight parts stay whole.
     *
     * @param list<float> $cubics
     *
     * @return list<int> x and y in turn, in thousandths
     */
    public static function flat(array $cubics, int $steps): array
    {
        [$x, $y] = [$cubics[0], $cubics[1] ?? 0.0];
        $points = [(int) \round(1_000 * $x), (int) \round(1_000 * $y)];
        foreach (\array_chunk(\array_slice($cubics, 2), 6) as [$ax, $ay, $bx, $by, $ex, $ey]) {
            $pieces = self::isStraight($ex - $x, $ey - $y, [$ax - $x, $ay - $y], [$bx - $x, $by - $y]) ? 1 : $steps;
            for ($step = 1; $step <= $pieces; ++$step) {
                $t = $step / $pieces;
                $u = 1 - $t;
                $points[] = (int) \round(1_000 * ($u ** 3 * $x + 3 * $u ** 2 * $t * $ax + 3 * $u * $t ** 2 * $bx + $t ** 3 * $ex));
                $points[] = (int) \round(1_000 * ($u ** 3 * $y + 3 * $u ** 2 * $t * $ay + 3 * $u * $t ** 2 * $by + $t ** 3 * $ey));
            }
            [$x, $y] = [$ex, $ey];
        }

        return $points;
    }

    /**
     * @param list<list<float>> $lines
     *
     * @return float in millimetres
     */
    public static function length(array $lines): float
    {
        $length = 0.0;
        foreach ($lines as $line) {
            $points = self::flat($line, self::FINE);
            for ($i = 2, $count = \count($points); $i < $count; $i += 2) {
                $length += \hypot($points[$i] - $points[$i - 2], $points[$i + 1] - $points[$i - 1]);
            }
        }

        return $length / 1_000;
    }

    /**
     * Whether both handles lie on the chord.
     *
     * @param array{float, float} $first
     * @param array{float, float} $second
     */
    private static function isStraight(float $endX, float $endY, array $first, array $second): bool
    {
        $length = \max(1e-9, \hypot($endX, $endY));

        return \abs($endX * $first[1] - $endY * $first[0]) / $length < 0.01 && \abs($endX * $second[1] - $endY * $second[0]) / $length < 0.01;
    }
}
