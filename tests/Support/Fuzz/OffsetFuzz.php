<?php

declare(strict_types=1);

namespace Uvret\Tests\Support\Fuzz;

use Uvret\Geometry\Region;
use Uvret\Tests\Support\Geos;

/**
 * Round offsets against true distances, sampled: the result's edge keeps the distance from the
 * region's edge, and random points are inside exactly if they are near enough.
 */
final class OffsetFuzz implements Fuzz
{
    /** Chords of arcs fall short by 5 µm at most; the grid adds a little to either side. */
    private const SHORT = 6.0;
    private const LONG = 1.5;

    public function generate(\Random\Randomizer $random): array
    {
        return [
            'a' => RandomRings::some($random, 4),
            'b' => [],
            'more' => ['distance' => $random->getInt(10, 6000) * (0 === $random->getInt(0, 1) ? 1 : -1), 'seed' => $random->getInt(1, 1 << 30)],
        ];
    }

    public function check(array $cases): array
    {
        $wrong = $valid = [];
        foreach ($cases as $number => $case) {
            $region = Region::fromRings($case['a']);
            $distance = (int) $case['more']['distance'];
            $result = $region->offset($distance);
            if ($region->isEmpty()) {
                continue;
            }
            $valid[$number] = Geos::wkt($result);
            $wrong += \array_filter([
                $number => self::edgeIsOff($region, $result, $distance) ?? self::pointIsOff($region, $result, $distance, (int) $case['more']['seed']),
            ]);
        }

        return $wrong + OverlayFuzz::invalid($valid);
    }

    private static function edgeIsOff(Region $region, Region $result, int $distance): ?string
    {
        foreach ($result->rings() as $ring) {
            $count = \count($ring);
            for ($i = 0; $i < $count; $i += 2) {
                foreach ([0.0, 0.5] as $share) {
                    $x = $ring[$i] + $share * ($ring[($i + 2) % $count] - $ring[$i]);
                    $y = $ring[$i + 1] + $share * ($ring[($i + 3) % $count] - $ring[$i + 1]);
                    $off = self::distance($region, $x, $y) - \abs($distance);
                    if ($off < -self::SHORT || $off > self::LONG) {
                        return \sprintf('the edge at (%.1f, %.1f) is %.1f µm off', $x, $y, $off);
                    }
                }
            }
        }

        return null;
    }

    private static function pointIsOff(Region $region, Region $result, int $distance, int $seed): ?string
    {
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
        for ($k = 0; $k < 12; ++$k) {
            $x = $random->getInt(-4000, RandomRings::EXTENT + 4000);
            $y = $random->getInt(-4000, RandomRings::EXTENT + 4000);
            $far = self::distance($region, $x, $y) * ($region->contains($x, $y) ? -1 : 1);
            if (\abs($far - $distance) > self::SHORT + 1 && $result->contains($x, $y) !== $far < $distance) {
                return \sprintf('the point (%d, %d), %.1f µm from the edge, is on the wrong side', $x, $y, $far);
            }
        }

        return null;
    }

    private static function distance(Region $region, float $x, float $y): float
    {
        $least = \INF;
        foreach ($region->rings() as $ring) {
            $count = \count($ring);
            for ($i = 0; $i < $count; $i += 2) {
                $ux = $ring[($i + 2) % $count] - $ring[$i];
                $uy = $ring[($i + 3) % $count] - $ring[$i + 1];
                $t = \max(0, \min(1, (($x - $ring[$i]) * $ux + ($y - $ring[$i + 1]) * $uy) / ($ux * $ux + $uy * $uy)));
                $least = \min($least, \hypot($ring[$i] + $t * $ux - $x, $ring[$i + 1] + $t * $uy - $y));
            }
        }

        return $least;
    }
}
