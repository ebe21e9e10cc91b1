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
     * curves cross: if no such corner is found, nothing is lacking. Else the full curves are taken.
     *
     * @param list<list<int>> $rings
     */
    private static function offset(array $rings, int $distance, Corner $corner, bool $inward): Tracing
    {
        $rule = $inward ? Rule::Negative : Rule::Positive;
        $input = new Rings();
        $shortcuts = 0;
        foreach ($rings as $ring) {
            [$x, $y, $more] = RawCurve::of($ring, $distance, $corner, $inward, true);
            $input->addColumns($x, $y, 0);
            $shortcuts += $more;
        }
        [$result, $nodes] = Overlay::withNodes($input, $rule);
        if (0 === $shortcuts || self::keepsOff($rings, $result->rings, $nodes, $distance - self::TOLERANCE)) {
            return $result;
        }
        $input = new Rings();
        foreach ($rings as $ring) {
            [$x, $y] = RawCurve::of($ring, $distance, $corner, $inward, false);
            $input->addColumns($x, $y, 0);
        }

        return Overlay::of($input, $rule);
    }

    /**
     * Whether the corners of a result, and one point of each of its rings, are as far from the rings.
     *
     * @param list<list<int>>  $rings
     * @param list<list<int>>  $result
     * @param array<int, true> $nodes  where curves cross
     */
    private static function keepsOff(array $rings, array $result, array $nodes, float $distance): bool
    {
        if ([] === $result || $distance <= 0) {
            return $distance > 0;
        }
        $tree = BoxTree::of($rings);
        foreach ($result as $ring) {
            if ($tree->isNearer($ring[0], $ring[1], $distance)) {
                return false;
            }
            $count = \count($ring);
            for ($i = 2; $i < $count; $i += 2) {
                if (isset($nodes[$ring[$i] * Grid::STRIDE + $ring[$i + 1]]) && $tree->isNearer($ring[$i], $ring[$i + 1], $distance)) {
                    return false;
                }
            }
        }

        return true;
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
