<?php

declare(strict_types=1);

namespace Uvret\Tests\Support\Fuzz;

/**
 * Random rings: on coarse grids, so that edges overlap and points fall on edges; a micrometre beside them, so that they nearly do; of
 * level and upright edges alone; or smooth and wavy.
 */
final class RandomRings
{
    /** All rings lie between 0 and this, in µm. */
    public const EXTENT = 60000;

    /** @return list<list<int>> */
    public static function some(\Random\Randomizer $random, int $most): array
    {
        $cells = [4, 6, 10, 50][$random->getInt(0, 3)];
        $step = \intdiv(self::EXTENT, $cells) - $random->getInt(0, 1) * 3;
        $off = [0, 0, 1, 2][$random->getInt(0, 3)];
        $rings = [];
        for ($count = $random->getInt(1, $most); $count > 0; --$count) {
            $rings[] = match ($random->getInt(0, 5)) {
                0 => self::wavy($random),
                1 => self::upright($random, $cells, $step, $off),
                default => self::coarse($random, $cells, $step, $off),
            };
        }

        return $rings;
    }

    /**
     * @param int $off how far its points are from the grid at most
     *
     * @return list<int>
     */
    private static function coarse(\Random\Randomizer $random, int $cells, int $step, int $off): array
    {
        $ring = [];
        for ($points = $random->getInt(3, 12); $points > 0; --$points) {
            \array_push(
                $ring,
                $random->getInt(0, $cells) * $step + $random->getInt(-$off, $off),
                $random->getInt(0, $cells) * $step + $random->getInt(-$off, $off),
            );
        }

        return $ring;
    }

    /** @return list<int> */
    private static function upright(\Random\Randomizer $random, int $cells, int $step, int $off): array
    {
        $at = static fn (): int => $random->getInt(0, $cells) * $step + $random->getInt(-$off, $off);
        $ring = [$at(), $at()];
        for ($points = $random->getInt(2, 7); $points > 0; --$points) {
            [$x, $y] = [$at(), $at()];
            \array_push($ring, $x, $ring[\count($ring) - 1], $x, $y);
        }
        \array_push($ring, $ring[0], $ring[\count($ring) - 1]);

        return $ring;
    }

    /** @return list<int> */
    private static function wavy(\Random\Randomizer $random): array
    {
        $radius = $random->getInt(500, (int) (self::EXTENT / 4));
        $waves = $random->getInt(2, 7);
        $depth = $random->getInt(0, 80) / 100;
        $points = $random->getInt(12, 90);
        $middle = self::EXTENT / 2;
        $turn = 0 === $random->getInt(0, 1) ? 1 : -1;
        $ring = [];
        for ($k = 0; $k < $points; ++$k) {
            $angle = $turn * 2 * \M_PI * $k / $points;
            $out = $radius * (1 + $depth * \sin($waves * $angle));
            \array_push($ring, (int) ($middle + $out * \cos($angle)), (int) ($middle + $out * \sin($angle)));
        }

        return $ring;
    }
}
