<?php

declare(strict_types=1);

namespace Uvret\Compose;

use Uvret\Geometry\Affine;
use Uvret\Geometry\Curve\Flattening;
use Uvret\Type\Font;

/**
 * Points that include the outermost ones of a glyph under any rotation and gentle bend: its convex hull, and the outermost points
 * of narrow strips in both directions.
 */
final class Silhouette
{
    /** Grid units per em for flattening, and its tolerance. */
    private const EM = 40_000;
    private const TOLERANCE = 6.0;

    private const STRIPS = 20;

    /** @var \WeakMap<Font, array<int, list<array{float, float}>>>|null */
    private static ?\WeakMap $known = null;

    /** @return list<array{float, float}> in font units */
    public static function of(Font $font, int $glyph): array
    {
        self::$known ??= new \WeakMap();
        $silhouettes = self::$known[$font] ?? [];
        if (!isset($silhouettes[$glyph])) {
            $silhouettes[$glyph] = self::find($font, $glyph);
            self::$known[$font] = $silhouettes;
        }

        return $silhouettes[$glyph];
    }

    /** @return list<array{float, float}> */
    private static function find(Font $font, int $glyph): array
    {
        $scale = self::EM / $font->unitsPerEm;
        $points = [];
        foreach (Flattening::rings($font->outline($glyph), Affine::scale($scale), self::TOLERANCE) as $ring) {
            $count = \count($ring);
            for ($i = 0; $i < $count; $i += 2) {
                [$x1, $y1, $x2, $y2] = [$ring[$i], $ring[$i + 1], $ring[($i + 2) % $count], $ring[($i + 3) % $count]];
                $steps = (int) \ceil(\hypot($x2 - $x1, $y2 - $y1) / self::EM * 16);
                for ($step = 0; $step < \max(1, $steps); ++$step) {
                    $t = $step / \max(1, $steps);
                    $points[] = [$x1 + $t * ($x2 - $x1), $y1 + $t * ($y2 - $y1)];
                }
            }
        }
        if ([] === $points) {
            return [];
        }
        $kept = self::outermost($points, 0, 1) + self::outermost($points, 1, 0) + self::hull($points);

        return \array_values(\array_map(static fn (int $number): array => [$points[$number][0] / $scale, $points[$number][1] / $scale], \array_keys($kept)));
    }

    /**
     * @param non-empty-list<array{float|int, float|int}> $points
     *
     * @return array<int, true> indices of the extreme points in one direction, by strips of the other
     */
    private static function outermost(array $points, int $strip, int $direction): array
    {
        $places = \array_column($points, $strip);
        $from = [] === $places ? 0.0 : \min($places);
        $width = [] === $places ? 1.0 : \max(1.0, (\max($places) - $from) / self::STRIPS);
        $least = $most = [];
        foreach ($points as $number => $point) {
            $at = (int) \floor(($point[$strip] - $from) / $width);
            $least[$at] = isset($least[$at]) && $points[$least[$at]][$direction] <= $point[$direction] ? $least[$at] : $number;
            $most[$at] = isset($most[$at]) && $points[$most[$at]][$direction] >= $point[$direction] ? $most[$at] : $number;
        }

        return \array_fill_keys([...$least, ...$most], true);
    }

    /**
     * The convex hull, by Andrew's monotone chains.
     *
     * @param non-empty-list<array{float|int, float|int}> $points
     *
     * @return array<int, true> indices of its points
     */
    private static function hull(array $points): array
    {
        $order = \array_keys($points);
        \usort($order, static fn (int $a, int $b): int => $points[$a] <=> $points[$b]);
        $kept = [];
        foreach ([$order, \array_reverse($order)] as $way) {
            $chain = [];
            foreach ($way as $number) {
                while (\count($chain) > 1 && self::turnsRight($points[$chain[\count($chain) - 2]], $points[$chain[\count($chain) - 1]], $points[$number])) {
                    \array_pop($chain);
                }
                $chain[] = $number;
            }
            $kept += \array_fill_keys($chain, true);
        }

        return $kept;
    }

    /**
     * @param array{float|int, float|int} $a
     * @param array{float|int, float|int} $b
     * @param array{float|int, float|int} $c
     */
    private static function turnsRight(array $a, array $b, array $c): bool
    {
        return ($b[0] - $a[0]) * ($c[1] - $a[1]) <= ($b[1] - $a[1]) * ($c[0] - $a[0]);
    }
}
