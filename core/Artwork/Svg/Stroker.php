<?php

declare(strict_types=1);

namespace Uvret\Artwork\Svg;

use Uvret\Geometry\Curve\Flattening;
use Uvret\Geometry\Region;

/**
 * Strokes as shapes: every straight piece as a rectangle, every join and cap as a shape of its own, and all of them one union
 * (SVG 2, chapter 13). Works on the grid, so lengths are scaled to it before.
 */
final readonly class Stroker
{
    /** Flatter corners come from flattened curves and are always round, in radians. */
    private const FLAT = 0.35;

    /** How far straight pieces may be from their curve, in µm of a picture that is larger than it will be cut. */
    private const TOLERANCE = 12.0;

    /**
     * @param string      $cap    butt, round or square
     * @param string      $join   miter, round or bevel
     * @param list<float> $dashes lengths on and off; empty for a line without gaps
     */
    public function __construct(
        private float $width,
        private string $cap,
        private string $join,
        private float $miterLimit,
        private array $dashes,
        private float $dashOffset,
    ) {
    }

    /** @param list<array{list<float>, bool}> $lines of cubic segments, each with whether it is closed */
    public function region(array $lines): Region
    {
        $rings = [];
        foreach ($lines as [$line, $isClosed]) {
            $points = self::flattened($line);
            foreach ([] === $this->dashes ? [[$points, $isClosed]] : $this->dashed($points) as [$piece, $closed]) {
                \array_push($rings, ...$this->rings($piece, $closed));
            }
        }

        return Region::fromRings($rings);
    }

    /**
     * @param list<float> $line
     *
     * @return list<array{float, float}> without points that repeat
     */
    private static function flattened(array $line): array
    {
        $points = [[$line[0], $line[1]]];
        for ($i = 0, $last = \count($line) - 2; $i < $last; $i += 6) {
            $segment = \array_slice($line, $i, 8);
            foreach (Flattening::parameters($segment, self::TOLERANCE) as $t) {
                $s = 1 - $t;
                $x = $s ** 3 * $segment[0] + 3 * $s * $s * $t * $segment[2] + 3 * $s * $t * $t * $segment[4] + $t ** 3 * $segment[6];
                $y = $s ** 3 * $segment[1] + 3 * $s * $s * $t * $segment[3] + 3 * $s * $t * $t * $segment[5] + $t ** 3 * $segment[7];
                $before = $points[\count($points) - 1];
                if (\hypot($x - $before[0], $y - $before[1]) > 0.5) {
                    $points[] = [$x, $y];
                }
            }
        }

        return $points;
    }

    /**
     * @param list<array{float, float}> $points
     *
     * @return list<array{list<array{float, float}>, bool}>
     */
    private function dashed(array $points): array
    {
        $dashes = \count($this->dashes) % 2 ? [...$this->dashes, ...$this->dashes] : $this->dashes;
        $total = \array_sum($dashes);
        if ($total <= 1.0) {
            return [[$points, false]];
        }
        $at = \fmod(\fmod($this->dashOffset, $total) + $total, $total);
        $number = 0;
        while ($at >= $dashes[$number]) {
            $at -= $dashes[$number];
            $number = ($number + 1) % \count($dashes);
        }
        $left = $dashes[$number] - $at;
        $pieces = [];
        $piece = 0 === $number % 2 ? [$points[0]] : null;
        for ($i = 1, $count = \count($points); $i < $count; ++$i) {
            [$x, $y] = $points[$i - 1];
            [$tx, $ty] = $points[$i];
            while (($length = \hypot($tx - $x, $ty - $y)) > $left) {
                [$x, $y] = [$x + ($tx - $x) * $left / $length, $y + ($ty - $y) * $left / $length];
                if (null !== $piece) {
                    // A dash that ends on a corner has that point already.
                    $pieces[] = [$left > 0.0 ? [...$piece, [$x, $y]] : $piece, false];
                    $piece = null;
                } else {
                    $piece = [[$x, $y]];
                }
                $number = ($number + 1) % \count($dashes);
                $left = \max($dashes[$number], 1e-3);
            }
            $left -= $length;
            if (null !== $piece) {
                $piece[] = [$tx, $ty];
            }
        }
        if (null !== $piece) {
            $pieces[] = [$piece, false];
        }

        return $pieces;
    }

    /**
     * @param list<array{float, float}> $points
     *
     * @return list<list<int>>
     */
    private function rings(array $points, bool $isClosed): array
    {
        $half = $this->width / 2;
        if (
            $isClosed
            && \count($points) > 1
            && \hypot($points[0][0] - $points[\count($points) - 1][0], $points[0][1] - $points[\count($points) - 1][1]) <= 0.5
        ) {
            \array_pop($points);
        }
        $count = \count($points);
        if ($count < 2) {
            [$x, $y] = $points[0];

            return match ($this->cap) {
                'round' => [$this->circle($x, $y)],
                'square' => [self::ring([[$x - $half, $y - $half], [$x + $half, $y - $half], [$x + $half, $y + $half], [$x - $half, $y + $half]])],
                default => [],
            };
        }
        $rings = [];
        $edges = $isClosed ? $count : $count - 1;
        for ($i = 0; $i < $edges; ++$i) {
            [$x, $y] = $points[$i];
            [$tx, $ty] = $points[($i + 1) % $count];
            $length = \hypot($tx - $x, $ty - $y);
            [$dx, $dy] = [($tx - $x) / $length, ($ty - $y) / $length];
            if (!$isClosed && 'square' === $this->cap) {
                [$x, $y] = 0 === $i ? [$x - $dx * $half, $y - $dy * $half] : [$x, $y];
                [$tx, $ty] = $i === $edges - 1 ? [$tx + $dx * $half, $ty + $dy * $half] : [$tx, $ty];
            }
            [$nx, $ny] = [-$dy * $half, $dx * $half];
            $rings[] = self::ring([[$x - $nx, $y - $ny], [$tx - $nx, $ty - $ny], [$tx + $nx, $ty + $ny], [$x + $nx, $y + $ny]]);
        }
        if (!$isClosed && 'round' === $this->cap) {
            $rings[] = $this->circle(...$points[0]);
            $rings[] = $this->circle(...$points[$count - 1]);
        }
        for ($i = $isClosed ? 0 : 1; $i < ($isClosed ? $count : $count - 1); ++$i) {
            $join = $this->joined($points[($i - 1 + $count) % $count], $points[$i], $points[($i + 1) % $count]);
            if (null !== $join) {
                $rings[] = $join;
            }
        }

        return $rings;
    }

    /**
     * @param array{float, float} $before
     * @param array{float, float} $at
     * @param array{float, float} $after
     *
     * @return list<int>|null
     */
    private function joined(array $before, array $at, array $after): ?array
    {
        $half = $this->width / 2;
        $in = \atan2($at[1] - $before[1], $at[0] - $before[0]);
        $out = \atan2($after[1] - $at[1], $after[0] - $at[0]);
        $turn = $out - $in - 2 * \M_PI * \round(($out - $in) / (2 * \M_PI));
        if (\abs($turn) < 1e-6) {
            return null;
        }
        if ('round' === $this->join && \abs($turn) >= self::FLAT) {
            return $this->circle(...$at);
        }
        // The outer side of the corner.
        $side = $turn > 0 ? -1 : 1;
        $a = [$at[0] - \sin($in) * $half * $side, $at[1] + \cos($in) * $half * $side];
        $b = [$at[0] - \sin($out) * $half * $side, $at[1] + \cos($out) * $half * $side];
        $miter = 1 / \max(1e-9, \abs(\cos($turn / 2)));
        $isSharp = 'miter' === $this->join && $miter <= $this->miterLimit;
        if (\abs($turn) < self::FLAT || $isSharp) {
            $middle = $in + $turn / 2;
            $tip = [$at[0] - \sin($middle) * $half * $side * $miter, $at[1] + \cos($middle) * $half * $side * $miter];

            return self::ring([$at, $a, $tip, $b]);
        }

        return self::ring([$at, $a, $b]);
    }

    /** @return list<int> */
    private function circle(float $x, float $y): array
    {
        $half = $this->width / 2;
        $steps = (int) \max(8, \ceil(2 * \M_PI / (2 * \acos(\max(0.0, 1 - self::TOLERANCE / \max($half, 30.0))))));
        $points = [];
        for ($step = 0; $step < $steps; ++$step) {
            $points[] = [$x + $half * \cos(2 * \M_PI * $step / $steps), $y + $half * \sin(2 * \M_PI * $step / $steps)];
        }

        return self::ring($points);
    }

    /**
     * Anticlockwise, so that no ring takes from another.
     *
     * @param list<array{float, float}> $points
     *
     * @return list<int>
     */
    private static function ring(array $points): array
    {
        $area = 0.0;
        foreach ($points as $number => [$x, $y]) {
            [$nx, $ny] = $points[$number + 1] ?? $points[0];
            $area += $x * $ny - $nx * $y;
        }
        $points = $area < 0 ? \array_reverse($points) : $points;
        $ring = [];
        foreach ($points as [$x, $y]) {
            $ring[] = (int) \round($x);
            $ring[] = (int) \round($y);
        }

        return $ring;
    }
}
