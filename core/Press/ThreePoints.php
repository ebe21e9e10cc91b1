<?php

declare(strict_types=1);

namespace Uvret\Press;

use Uvret\Blanks\MeasuringEdge;
use Uvret\Design\BrimRing;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;

/** Distances to check with a ruler: from an edge of the blank to the ink's left, middle and right; on a brim, at five places. */
final class ThreePoints
{
    /** Number of places to measure on a brim. */
    private const ROUND = 5;

    /** Width of the strips searched for the nearest ink, as a share of the ink's width. */
    private const STRIP = 0.12;

    /** Search range to either side of a place on a brim, as a share of the ink's angle. */
    private const NEAR = 0.04;

    /**
     * @param list<MeasuringEdge> $edges
     *
     * @return list<Distance> from the edge nearest to the ink
     */
    public static function straight(Region $ink, array $edges): array
    {
        $best = [];
        foreach ($edges as $edge) {
            $found = self::from($edge, $ink);
            if ([] !== $found && ([] === $best || self::least($found) < self::least($best))) {
                $best = $found;
            }
        }

        return $best;
    }

    /** @return list<Distance> from the outer edge of a brim straight towards its centre */
    public static function round(Region $ink, BrimRing $brim, int $middleX = 0, int $middleY = 0): array
    {
        /** @var list<array{float, float}> $points angle in degrees and radius */
        $points = [];
        foreach ($ink->rings() as $ring) {
            for ($i = 0, $count = \count($ring); $i < $count; $i += 2) {
                [$x, $y] = [$ring[$i] - $middleX, $ring[$i + 1] - $middleY];
                $points[] = [\rad2deg(\atan2($y, $x)), \hypot($x, $y)];
            }
        }
        if ([] === $points) {
            return [];
        }
        // Counted from opposite the ink's middle, so that angles don't wrap.
        $box = $ink->bounds();
        $away = null === $box ? 0.0 : \rad2deg(\atan2(
            \intdiv($box->bottom + $box->top, 2) - $middleY,
            \intdiv($box->left + $box->right, 2) - $middleX,
        )) + 180.0;
        $points = \array_map(static fn (array $point): array => [\fmod($point[0] - $away + 1_080.0, 360.0), $point[1]], $points);
        $angles = \array_column($points, 0);
        [$from, $to] = [\min($angles), \max($angles)];
        $distances = [];
        for ($at = 0; $at < self::ROUND; ++$at) {
            $angle = $from + ($to - $from) * $at / (self::ROUND - 1);
            $near = self::near($points, $angle, self::NEAR * ($to - $from));
            if ([] !== $near) {
                [$own, $radius] = $near[0];
                [$cos, $sin] = [\cos(\deg2rad($own + $away)), \sin(\deg2rad($own + $away))];
                $distances[] = new Distance(
                    'brim',
                    (int) \round($middleX + $brim->edge * $cos),
                    (int) \round($middleY + $brim->edge * $sin),
                    (int) \round($middleX + $radius * $cos),
                    (int) \round($middleY + $radius * $sin),
                );
            }
        }

        return $distances;
    }

    /**
     * Points near an angle, outermost first; the nearest one within a word space.
     *
     * @param list<array{float, float}> $points angle in degrees and radius
     *
     * @return list<array{float, float}>
     */
    private static function near(array $points, float $angle, float $within): array
    {
        foreach ($points as $point) {
            $least = \min($least ?? \INF, \abs($point[0] - $angle));
        }
        $near = \array_values(\array_filter($points, static fn (array $point): bool => \abs($point[0] - $angle) <= \max($within, $least ?? 0.0)));
        \usort($near, static fn (array $a, array $b): int => $b[1] <=> $a[1]);

        return $near;
    }

    /** @return list<Distance> */
    private static function from(MeasuringEdge $edge, Region $ink): array
    {
        $box = $ink->bounds();
        if (null === $box) {
            return [];
        }
        $middle = \intdiv($box->left + $box->right, 2);
        $isAbove = ($edge->at($middle) ?? $box->top + 1) >= $box->top;
        $strip = (int) \round(self::STRIP * $box->width());
        $distances = [];
        $strips = [
            [$box->left, $box->left + $strip],
            [$middle - \intdiv($strip, 2), $middle + \intdiv($strip, 2)],
            [$box->right - $strip, $box->right],
        ];
        foreach ($strips as [$from, $to]) {
            $best = null;
            foreach ($ink->intersect((new Box($from, $box->bottom, $to, $box->top))->toRegion())->rings() as $ring) {
                for ($i = 0, $count = \count($ring); $i < $count; $i += 2) {
                    if (null === $best || ($isAbove ? $ring[$i + 1] > $best[1] : $ring[$i + 1] < $best[1])) {
                        $best = [$ring[$i], $ring[$i + 1]];
                    }
                }
            }
            $at = null === $best ? null : $edge->at($best[0]);
            if (null !== $best && null !== $at) {
                $distances[] = new Distance($edge->name, $best[0], $at, $best[0], $best[1]);
            }
        }

        return $distances;
    }

    /** @param non-empty-list<Distance> $distances */
    private static function least(array $distances): int
    {
        return \min(\array_map(static fn (Distance $distance): int => $distance->length(), $distances));
    }
}
