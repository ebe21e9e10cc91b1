<?php

declare(strict_types=1);

namespace Uvret\Compose\Follow;

use Uvret\Geometry\Region;

/**
 * Along the outline of a shape whose corners are rounded: clockwise outside it, anticlockwise inside it, so that the tops
 * point away from the outline on either side. Between two points of the outline the heading turns evenly.
 */
final readonly class OutlineGuide implements Guide
{
    /** Longer edges count as straight, in µm. */
    private const LONG = 5_000;

    /**
     * @param list<float> $x        the points
     * @param list<float> $y
     * @param list<float> $headings at the points, in radians without jumps
     * @param list<float> $lengths  from the first point to each, at the measured height
     * @param float       $start    position of the aligned point, as a length
     */
    private function __construct(
        private array $x,
        private array $y,
        private array $headings,
        private array $lengths,
        private float $start,
        private PathOffsets $offsets,
    ) {
    }

    /**
     * @param int   $rounding minimum corner radius, in µm
     * @param float $share    position of the aligned point, clockwise from the top as a share of the outline
     */
    public static function of(Region $shape, bool $inside, PathOffsets $offsets, int $rounding, float $share): ?self
    {
        $round = $shape->open($rounding)->close($rounding);
        $largest = null;
        foreach (($round->isEmpty() ? $shape : $round)->pieces() as $piece) {
            $largest = null === $largest || $piece->area() > $largest->area() ? $piece : $largest;
        }
        $ring = $largest?->rings()[0] ?? null;
        $box = $largest?->bounds();
        if (null === $ring || null === $box) {
            return null;
        }
        $points = \array_chunk($ring, 2);
        // Rings run anticlockwise.
        $points = $inside ? $points : \array_reverse($points);
        $points = self::withMiddles($points, \intdiv($box->left + $box->right, 2));
        $first = self::top($points, ($box->left + $box->right) / 2);
        $points = [...\array_slice($points, $first), ...\array_slice($points, 0, $first)];

        return self::through(self::even($points, (float) \max(250, \intdiv($rounding, 12))), $offsets, $inside ? -$share : $share);
    }

    /**
     * Adds a point where a long straight edge passes the centre line, so that the top of a level edge is its middle.
     *
     * @param list<list<int>> $points
     *
     * @return list<list<int>>
     */
    private static function withMiddles(array $points, int $middle): array
    {
        $all = [];
        foreach ($points as $number => [$x1, $y1]) {
            [$x2, $y2] = $points[$number + 1] ?? $points[0];
            $all[] = [$x1, $y1];
            if ($x1 !== $x2 && ($x1 < $middle) !== ($x2 < $middle) && \hypot($x2 - $x1, $y2 - $y1) > self::LONG) {
                $all[] = [$middle, $y1 + (int) \round(($y2 - $y1) * ($middle - $x1) / ($x2 - $x1))];
            }
        }

        return $all;
    }

    /**
     * Evenly spaced points on a closed line, because its own may be too close together to have a direction between them.
     *
     * @param list<list<int>> $points
     *
     * @return list<array{float, float}>
     */
    private static function even(array $points, float $step): array
    {
        $even = [];
        $from = 0.0;
        $next = 0.0;
        foreach ($points as $number => [$x1, $y1]) {
            [$x2, $y2] = $points[$number + 1] ?? $points[0];
            $length = \hypot($x2 - $x1, $y2 - $y1);
            for (; $next < $from + $length; $next += $step) {
                $t = ($next - $from) / $length;
                $even[] = [$x1 + $t * ($x2 - $x1), $y1 + $t * ($y2 - $y1)];
            }
            $from += $length;
        }

        return $even;
    }

    /** @param list<array{float, float}> $points */
    private static function through(array $points, PathOffsets $offsets, float $share): self
    {
        $count = \count($points);
        $x = [...\array_column($points, 0), $points[0][0]];
        $y = [...\array_column($points, 1), $points[0][1]];
        $edges = [];
        for ($i = 0; $i < $count; ++$i) {
            $edge = \atan2($y[$i + 1] - $y[$i], $x[$i + 1] - $x[$i]);
            $edges[] = 0 === $i ? $edge : $edges[$i - 1] + self::between($edge - $edges[$i - 1]);
        }
        $around = 2 * \M_PI * \round(($edges[$count - 1] + self::between($edges[0] - $edges[$count - 1]) - $edges[0]) / (2 * \M_PI));
        $headings = [];
        for ($i = 0; $i <= $count; ++$i) {
            // Averaged over the six edges around a point, to remove grid rounding.
            $sum = 0.0;
            for ($k = $i - 3; $k < $i + 3; ++$k) {
                $lap = (int) \floor($k / $count);
                $sum += $edges[$k - $lap * $count] + $lap * $around;
            }
            $headings[] = $sum / 6;
        }
        $lengths = [0.0];
        for ($i = 0; $i < $count; ++$i) {
            // At a height above the path the left side of a left turn is shorter.
            $length = \hypot($x[$i + 1] - $x[$i], $y[$i + 1] - $y[$i]) - $offsets->measured * ($headings[$i + 1] - $headings[$i]);
            $lengths[] = $lengths[$i] + \max($length, 1e-3);
        }

        return new self($x, $y, $headings, $lengths, $share * $lengths[$count], $offsets);
    }

    public function at(float $x, float $y): array
    {
        [$px, $py, $heading] = $this->place($x);
        $height = $y + $this->offsets->baseline;

        return [$px - $height * \sin($heading), $py + $height * \cos($heading)];
    }

    public function point(float $x): array
    {
        return $this->at($x, -$this->offsets->baseline);
    }

    public function heading(float $x): float
    {
        return \rad2deg($this->place($x)[2]);
    }

    public function room(): float
    {
        return $this->around();
    }

    public function reach(float $from, float $to, int $side): float
    {
        $least = \INF;
        $around = $this->around();
        for ($i = 0, $count = \count($this->x) - 1; $i < $count; ++$i) {
            $turn = $side * ($this->headings[$i + 1] - $this->headings[$i]);
            $at = $this->lengths[$i] - $this->start;
            $at -= $around * \floor(($at - $from) / $around);
            if ($turn > 1e-6 && $at <= $to) {
                $least = \min($least, \hypot($this->x[$i + 1] - $this->x[$i], $this->y[$i + 1] - $this->y[$i]) / $turn);
            }
        }

        return $least - $side * $this->offsets->baseline;
    }

    public function trace(float $from, float $to): array
    {
        return \array_map(static fn (float $x, float $y): array => [$x, $y], $this->x, $this->y);
    }

    public function circle(): null
    {
        return null;
    }

    private function around(): float
    {
        return $this->lengths[\count($this->lengths) - 1];
    }

    /** @return array{float, float, float} a point of the path and its heading there */
    private function place(float $x): array
    {
        $around = $this->around();
        $at = $x + $this->start;
        $laps = \floor($at / $around);
        $at -= $laps * $around;
        $low = 0;
        $high = \count($this->lengths) - 1;
        while ($high - $low > 1) {
            $middle = ($low + $high) >> 1;
            if ($this->lengths[$middle] <= $at) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }
        $t = ($at - $this->lengths[$low]) / ($this->lengths[$high] - $this->lengths[$low]);

        return [
            $this->x[$low] + $t * ($this->x[$high] - $this->x[$low]),
            $this->y[$low] + $t * ($this->y[$high] - $this->y[$low]),
            $this->headings[$low] + $t * ($this->headings[$high] - $this->headings[$low]),
        ];
    }

    /**
     * The point nearest to straight above the middle.
     *
     * @param list<list<int>> $points
     */
    private static function top(array $points, float $middle): int
    {
        $best = 0;
        $least = \INF;
        $highest = \max(0, ...\array_column($points, 1));
        foreach ($points as $number => [$x, $y]) {
            $far = \abs($x - $middle) + 0.5 * ($highest - $y);
            if ($far < $least) {
                [$best, $least] = [$number, $far];
            }
        }

        return $best;
    }

    /** The turn reduced to −π … π. */
    private static function between(float $turn): float
    {
        return $turn - 2 * \M_PI * \round($turn / (2 * \M_PI));
    }
}
