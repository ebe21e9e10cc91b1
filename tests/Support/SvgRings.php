<?php

declare(strict_types=1);

namespace Uvret\Tests\Support;

use Uvret\Geometry\FillRule;
use Uvret\Geometry\Region;

/** SVG path data in millimetres as a reader sees it: M, L, C and Z. */
final class SvgRings
{
    private const STEPS = 40;

    /**
     * With y up, so that all lies below 0.
     *
     * @param list<string> $data
     * @param float        $unit µm a unit
     */
    public static function region(array $data, float $unit = 1_000.0): Region
    {
        return Region::fromRings(\array_merge(...\array_map(static fn (string $path): array => self::rings($path, $unit), $data)), FillRule::EvenOdd);
    }

    /** How many lines and curves there are. */
    public static function nodes(string $data): int
    {
        return \preg_match_all('/[LCZ]/', $data) ?: 0;
    }

    /** @return list<list<int>> in µm, curves in short lines */
    private static function rings(string $data, float $unit): array
    {
        \preg_match_all('/([MLCZ])([^MLCZ]*)/', $data, $commands, \PREG_SET_ORDER);
        $rings = [];
        $at = [0.0, 0.0];
        $ring = [];
        foreach ($commands as [, $command, $text]) {
            $n = \array_map(static fn (string $number): float => $unit * (float) $number, \preg_split('/[\s,]+/', \trim($text)) ?: []);
            if ('Z' === $command) {
                $rings[] = $ring;
                $ring = [];
                continue;
            }
            foreach ('C' === $command ? \range(1, self::STEPS) : [self::STEPS] as $step) {
                $t = $step / self::STEPS;
                $s = 1 - $t;
                $cubic = static fn (int $i): float => $s ** 3 * $at[$i] + 3 * $s * $s * $t * $n[$i]
                    + 3 * $s * $t * $t * $n[2 + $i] + $t ** 3 * $n[4 + $i];
                [$x, $y] = 'C' === $command ? [$cubic(0), $cubic(1)] : [$n[0], $n[1]];
                \array_push($ring, (int) \round($x), -(int) \round($y));
            }
            $at = \array_slice($n, -2);
        }

        return $rings;
    }
}
