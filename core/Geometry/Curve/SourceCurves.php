<?php

declare(strict_types=1);

namespace Uvret\Geometry\Curve;

use Uvret\Geometry\Affine;
use Uvret\Geometry\Grid;

/**
 * The curves that a region's points once came from: tells for a point of the grid which segments
 * were flattened to it, and where on them.
 */
final class SourceCurves
{
    /** @var list<list<float>> the four points of each segment, in µm */
    private array $segments = [];

    /** @var array<int, list<array{int, float}>> by point: segment and parameter */
    private array $places = [];

    /** The curves as they were placed and flattened. */
    public function add(Path $path, Affine $toMicrometres, float $tolerance = Flattening::TOLERANCE): void
    {
        foreach ($path->transform($toMicrometres)->contours as $contour) {
            $last = \count($contour) - 2;
            for ($i = 0; $i < $last; $i += 6) {
                $segment = \array_slice($contour, $i, 8);
                $number = \count($this->segments);
                $this->segments[] = $segment;
                foreach ([0.0, ...Flattening::parameters($segment, $tolerance)] as $t) {
                    [$x, $y] = Flattening::point($segment, $t);
                    $this->places[$x * Grid::STRIDE + $y][] = [$number, $t];
                }
            }
        }
    }

    /**
     * The longest piece of one segment that the points follow from a given one on.
     *
     * @param list<int> $x
     * @param list<int> $y
     *
     * @return array{int, list<float>}|null how many points it takes, and the piece's four points
     */
    public function follow(array $x, array $y, int $from): ?array
    {
        $best = null;
        foreach ($this->places[$x[$from] * Grid::STRIDE + $y[$from]] ?? [] as [$segment, $start]) {
            $end = $start;
            $direction = 0;
            $count = 1;
            while (isset($x[$from + $count])) {
                $next = $this->placeOn($segment, $x[$from + $count], $y[$from + $count]);
                $turn = null === $next ? 0 : $next <=> $end;
                if (null === $next || 0 === $turn || (0 !== $direction && $turn !== $direction)) {
                    break;
                }
                $direction = $turn;
                $end = $next;
                ++$count;
            }
            if ($count > 1 && $count > ($best[0] ?? 0)) {
                $best = [$count, self::between($this->segments[$segment], $start, $end)];
            }
        }

        return $best;
    }

    private function placeOn(int $segment, int $x, int $y): ?float
    {
        foreach ($this->places[$x * Grid::STRIDE + $y] ?? [] as [$number, $t]) {
            if ($number === $segment) {
                return $t;
            }
        }

        return null;
    }

    /**
     * A piece of a cubic, by blossoming; backwards if it ends before it starts.
     *
     * @param list<float> $p
     *
     * @return list<float>
     */
    private static function between(array $p, float $from, float $to): array
    {
        $piece = [];
        foreach ([[$from, $from, $from], [$from, $from, $to], [$from, $to, $to], [$to, $to, $to]] as $arguments) {
            foreach ([0, 1] as $axis) {
                $values = [$p[$axis], $p[2 + $axis], $p[4 + $axis], $p[6 + $axis]];
                foreach ($arguments as $round => $t) {
                    for ($k = 0; $k < 3 - $round; ++$k) {
                        $values[$k] += $t * ($values[$k + 1] - $values[$k]);
                    }
                }
                $piece[] = $values[0];
            }
        }

        return $piece;
    }
}
