<?php

declare(strict_types=1);

namespace Uvret\Geometry\Curve;

use Uvret\Geometry\Region;

/**
 * Regions as smooth curves: few cubics instead of many short lines, on which a cutter stutters.
 *
 * Rings are broken at their corners and at the ends of straight edges, which stay as they are. The
 * stretches between become cubics, smooth where they join; a long enough stretch of a source curve
 * becomes that very piece of it again.
 */
final readonly class Fitting
{
    /** How far curve and region may be apart, in µm. */
    public const TOLERANCE = 10.0;

    /** A turn by more than this is a corner, in radians. */
    private const CORNER = 0.6;

    /** An edge longer than its neighbours by this factor is meant to be straight. */
    private const STRAIGHT = 4.0;

    /** Minimum number of points to match a source curve again. */
    private const SOURCE_POINTS = 12;

    /** What the points and the checks between them leave of the tolerance. */
    private const SHARE = 0.8;

    public function __construct(
        private float $tolerance = self::TOLERANCE,
        private ?SourceCurves $sources = null,
    ) {
    }

    /** A closed path within the tolerance of the region's rings, in µm; its contours are the rings in order. */
    public function path(Region $region): Path
    {
        return new Path(\array_map($this->contour(...), $region->rings()));
    }

    /** How many nodes a path has: one for each segment. */
    public static function nodes(Path $path): int
    {
        return \array_sum(\array_map(static fn (array $contour): int => \intdiv(\count($contour) - 2, 6), $path->contours));
    }

    /**
     * @param list<int> $ring
     *
     * @return list<float>
     */
    private function contour(array $ring): array
    {
        $x = $y = [];
        for ($i = 0, $count = \count($ring); $i < $count; $i += 2) {
            $x[] = $ring[$i];
            $y[] = $ring[$i + 1];
        }
        [$breaks, $straight] = self::breaks($x, $y);
        $n = \count($x);
        $smooth = [] === $breaks;
        $first = $smooth ? 0 : \array_key_first($breaks);
        $contour = [(float) $x[$first], (float) $y[$first]];
        $start = $first;
        $stretchX = [$x[$first]];
        $stretchY = [$y[$first]];
        for ($k = 1; $k <= $n; ++$k) {
            $i = ($first + $k) % $n;
            $stretchX[] = $x[$i];
            $stretchY[] = $y[$i];
            if (isset($breaks[$i]) || $k === $n) {
                foreach ($this->stretch(
                    $stretchX,
                    $stretchY,
                    self::tangentAt($x, $y, $start, $breaks, $straight, $smooth),
                    self::tangentAt($x, $y, $i, $breaks, $straight, $smooth),
                ) as $segment) {
                    \array_push($contour, ...\array_slice($segment, 2));
                }
                $start = $i;
                $stretchX = [$x[$i]];
                $stretchY = [$y[$i]];
            }
        }

        return $contour;
    }

    /**
     * @param list<int> $x
     * @param list<int> $y
     *
     * @return array{array<int, bool>, array<int, true>} the points where the ring is broken, true at corners;
     *                                                   and the straight edges, by their first points
     */
    private static function breaks(array $x, array $y): array
    {
        $n = \count($x);
        $length = $angle = [];
        for ($i = 0; $i < $n; ++$i) {
            $next = $i + 1 === $n ? 0 : $i + 1;
            $length[] = \sqrt(($x[$next] - $x[$i]) ** 2 + ($y[$next] - $y[$i]) ** 2);
            $angle[] = \atan2($y[$next] - $y[$i], $x[$next] - $x[$i]);
        }
        $breaks = $straight = [];
        for ($i = 0; $i < $n; ++$i) {
            $turn = \abs(\fmod($angle[$i] - $angle[($i + $n - 1) % $n] + 3 * \M_PI, 2 * \M_PI) - \M_PI);
            if ($turn > self::CORNER) {
                $breaks[$i] = true;
            }
        }
        for ($i = 0; $i < $n; ++$i) {
            $next = ($i + 1) % $n;
            // Across a corner, the edge there says nothing about this one.
            $before = ($breaks[$i] ?? false) ? 0.0 : $length[($i + $n - 1) % $n];
            $behind = ($breaks[$next] ?? false) ? 0.0 : $length[$next];
            if ($length[$i] > self::STRAIGHT * \max($before, $behind)) {
                $straight[$i] = true;
                $breaks[$i] ??= false;
                $breaks[$next] ??= false;
            }
        }
        \ksort($breaks);

        return [$breaks, $straight];
    }

    /**
     * The direction of the curve at a break that is no corner: along the straight edge there, or from
     * the point before to the one behind. Null at corners, where each side has its own.
     *
     * @param list<int>        $x
     * @param list<int>        $y
     * @param array<int, bool> $breaks
     * @param array<int, true> $straight
     *
     * @return array{float, float}|null
     */
    private static function tangentAt(array $x, array $y, int $at, array $breaks, array $straight, bool $smooth): ?array
    {
        if ($breaks[$at] ?? !$smooth) {
            return null;
        }
        $n = \count($x);
        $before = ($at + $n - 1) % $n;
        $next = ($at + 1) % $n;
        if (isset($straight[$before]) !== isset($straight[$at])) {
            [$before, $next] = isset($straight[$before]) ? [$before, $at] : [$at, $next];
        }

        return CubicFit::direction($x[$next] - $x[$before], $y[$next] - $y[$before]);
    }

    /**
     * The last three points, from the end.
     *
     * @param list<int> $x
     * @param list<int> $y
     *
     * @return array{int, int, int, int, int, int}
     */
    private static function lastThree(array $x, array $y): array
    {
        [$ax, $bx, $cx] = \array_slice($x, -3);
        [$ay, $by, $cy] = \array_slice($y, -3);

        return [$cx, $cy, $bx, $by, $ax, $ay];
    }

    /**
     * The direction in which a curve through three points leaves the first: the first chord, turned
     * back by its share of the turn to the second.
     *
     * @return array{float, float}
     */
    private static function endTangent(int $ax, int $ay, int $bx, int $by, int $cx, int $cy): array
    {
        $first = \sqrt(($bx - $ax) ** 2 + ($by - $ay) ** 2);
        $second = \sqrt(($cx - $bx) ** 2 + ($cy - $by) ** 2);
        $turn = \atan2(($bx - $ax) * ($cy - $by) - ($by - $ay) * ($cx - $bx), ($bx - $ax) * ($cx - $bx) + ($by - $ay) * ($cy - $by));
        $angle = \atan2($by - $ay, $bx - $ax) - (\abs($turn) < self::CORNER ? $turn * $first / ($first + $second) : 0.0);

        return [\cos($angle), \sin($angle)];
    }

    /**
     * @param list<int>                $x
     * @param list<int>                $y
     * @param array{float, float}|null $out
     * @param array{float, float}|null $in
     *
     * @return list<list<float>>
     */
    private function stretch(array $x, array $y, ?array $out, ?array $in): array
    {
        $last = \count($x) - 1;
        if (!isset($x[2], $y[2])) {
            return [CubicFit::line($x[0], $y[0], $x[1], $y[1])];
        }
        $segments = [];
        $from = 0;
        foreach ($this->sourcePieces($x, $y) as $at => [$to, $piece]) {
            if ($at > $from) {
                $arrives = CubicFit::direction($piece[2] - $piece[0], $piece[3] - $piece[1]);
                \array_push($segments, ...$this->gap(\array_slice($x, $from, $at - $from + 1), \array_slice($y, $from, $at - $from + 1), $out, $arrives));
            }
            $segments[] = $piece;
            $out = CubicFit::direction($piece[6] - $piece[4], $piece[7] - $piece[5]);
            $from = $to;
        }
        if ($from < $last) {
            \array_push($segments, ...$this->gap(\array_slice($x, $from), \array_slice($y, $from), $out, $in));
        }

        return $segments;
    }

    /**
     * The stretches of source curves long enough to be taken up again.
     *
     * @param list<int> $x
     * @param list<int> $y
     *
     * @return array<int, array{int, list<float>}> by their first point: their last point, and the piece
     */
    private function sourcePieces(array $x, array $y): array
    {
        $pieces = [];
        $last = \count($x) - 1;
        for ($from = 0; null !== $this->sources && $from < $last; ++$from) {
            $followed = $this->sources->follow($x, $y, $from);
            if (null !== $followed && $followed[0] >= self::SOURCE_POINTS) {
                [$count, $piece] = $followed;
                $to = $from + $count - 1;
                $pieces[$from] = [$to, [$x[$from], $y[$from], $piece[2], $piece[3], $piece[4], $piece[5], $x[$to], $y[$to]]];
                $from = $to - 1;
            }
        }

        return $pieces;
    }

    /**
     * Cubics fitted to points.
     *
     * @param list<int>                $x
     * @param list<int>                $y
     * @param array{float, float}|null $out
     * @param array{float, float}|null $in
     *
     * @return list<list<float>>
     */
    private function gap(array $x, array $y, ?array $out, ?array $in): array
    {
        if (!isset($x[2], $y[2])) {
            return [CubicFit::line($x[0], $y[0], $x[1], $y[1])];
        }
        $out ??= self::endTangent($x[0], $y[0], $x[1], $y[1], $x[2], $y[2]);
        $in = null === $in ? self::endTangent(...self::lastThree($x, $y)) : [-$in[0], -$in[1]];

        return CubicFit::segments(\array_map(\floatval(...), $x), \array_map(\floatval(...), $y), $out, $in, self::SHARE * $this->tolerance);
    }
}
