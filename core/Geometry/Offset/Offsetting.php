<?php

declare(strict_types=1);

namespace Uvret\Geometry\Offset;

use Uvret\Geometry\Corner;
use Uvret\Geometry\Grid;
use Uvret\Geometry\Measure\BoxTree;
use Uvret\Geometry\Overlay\Overlay;
use Uvret\Geometry\Overlay\Rings;
use Uvret\Geometry\Overlay\Rule;
use Uvret\Geometry\Overlay\Tracing;

/** Offsets of valid rings: the raw curve of each, and one overlay by winding number. */
final class Offsetting
{
    /** How much nearer than the distance the result may come to the rings, in µm: chords of arcs, and rounding. */
    private const TOLERANCE = Join::ARC_TOLERANCE + 2;

    /** Maximum rounds before full curves are used everywhere. */
    private const ROUNDS = 3;

    /**
     * Everything within the distance of the region.
     *
     * @param list<list<int>> $rings
     */
    public static function outward(array $rings, int $distance, Corner $corner): Tracing
    {
        return self::offset($rings, $distance, $corner, false);
    }

    /**
     * Everything of the region farther than the distance from what lies outside it: the outside,
     * which is the rings backwards, is offset and taken away.
     *
     * @param list<list<int>> $rings
     */
    public static function inward(array $rings, int $distance, Corner $corner): Tracing
    {
        return self::offset($rings, $distance, $corner, true);
    }

    /**
     * The direct curves at first. Their winding number is never too high, so their result can only
     * lack something, and what it lacks lies nearer to the rings than the distance, with corners where
     * curves cross: if no such corner is found, nothing is lacking. Else the full curves are taken near
     * those corners, and if that does not help, everywhere.
     *
     * @param list<list<int>> $rings
     */
    private static function offset(array $rings, int $distance, Corner $corner, bool $inward): Tracing
    {
        $rule = $inward ? Rule::Negative : Rule::Positive;
        // Distances within the tolerance can't be checked, so they take the full curves at once.
        $direct = $distance > self::TOLERANCE;
        $curves = [];
        $shortcuts = 0;
        foreach ($rings as $number => $ring) {
            [$x, $y, $more] = RawCurve::of($ring, $distance, $corner, $inward, $direct);
            $curves[$number] = [$x, $y];
            $shortcuts += $more;
        }
        $places = [];
        for ($round = 1;; ++$round) {
            $input = new Rings();
            foreach ($curves as [$x, $y]) {
                $input->addColumns($x, $y, 0);
            }
            [$result, $nodes] = Overlay::withNodes($input, $rule);
            if (0 === $shortcuts || !$direct || $round > self::ROUNDS) {
                return $result;
            }
            $lacking = self::tooNear($rings, $result->rings, $nodes, $distance - self::TOLERANCE);
            if ([] === $lacking) {
                return $result;
            }
            foreach ($round < self::ROUNDS ? $lacking : \array_fill_keys(\array_keys($rings), []) as $number => $corners) {
                $places[$number] = \array_merge($places[$number] ?? [], $corners);
                [$x, $y] = RawCurve::of($rings[$number], $distance, $corner, $inward, $round < self::ROUNDS && [] !== $corners, $places[$number]);
                $curves[$number] = [$x, $y];
            }
        }
    }

    /**
     * The rings that corners of a result, or one point of each of its rings, are too near to, with
     * these points, x and y.
     *
     * @param list<list<int>>  $rings
     * @param list<list<int>>  $result
     * @param array<int, true> $nodes  where curves cross
     *
     * @return array<int, list<int>> by the rings' numbers
     */
    private static function tooNear(array $rings, array $result, array $nodes, float $distance): array
    {
        if ([] === $result) {
            return [];
        }
        $tree = BoxTree::of($rings);
        $near = [];
        foreach ($result as $ring) {
            $count = \count($ring);
            for ($i = 0; $i < $count; $i += 2) {
                if (0 === $i || isset($nodes[$ring[$i] * Grid::STRIDE + $ring[$i + 1]])) {
                    $edge = $tree->edgeNearer($ring[$i], $ring[$i + 1], $distance);
                    if ($edge >= 0) {
                        $near[] = [$edge, $ring[$i], $ring[$i + 1]];
                    }
                }
            }
        }

        return self::byRing($rings, $near);
    }

    /**
     * @param list<list<int>>            $rings
     * @param list<array{int, int, int}> $near  the number of an edge in the order of the rings, and a point near it
     *
     * @return array<int, list<int>>
     */
    private static function byRing(array $rings, array $near): array
    {
        \sort($near);
        $found = [];
        $end = $at = 0;
        foreach ($rings as $number => $ring) {
            $end += \intdiv(\count($ring), 2);
            for (; $at < \count($near) && $near[$at][0] < $end; ++$at) {
                $found[$number][] = $near[$at][1];
                $found[$number][] = $near[$at][2];
            }
        }

        return $found;
    }

    /**
     * The region swept along a straight way (the Minkowski sum with a segment): every edge that looks
     * forward moves along and sweeps a parallelogram, the others stay.
     *
     * @param list<list<int>> $rings
     */
    public static function sweep(array $rings, int $dx, int $dy): Tracing
    {
        $input = new Rings();
        foreach ($rings as $ring) {
            $x = $y = [];
            $count = \count($ring);
            $vx = $ring[0];
            $vy = $ring[1];
            $moved = ($vx - $ring[$count - 2]) * $dy < ($vy - $ring[$count - 1]) * $dx;
            for ($i = 0; $i < $count; $i += 2) {
                $next = $i + 2 === $count ? 0 : $i + 2;
                $leaves = ($ring[$next] - $vx) * $dy < ($ring[$next + 1] - $vy) * $dx;
                $x[] = $moved ? $vx + $dx : $vx;
                $y[] = $moved ? $vy + $dy : $vy;
                if ($moved !== $leaves) {
                    $x[] = $leaves ? $vx + $dx : $vx;
                    $y[] = $leaves ? $vy + $dy : $vy;
                }
                $moved = $leaves;
                $vx = $ring[$next];
                $vy = $ring[$next + 1];
            }
            $input->addColumns($x, $y, 0);
        }

        return Overlay::of($input, Rule::Positive);
    }
}
