<?php

declare(strict_types=1);

namespace Uvret\Layout\Nest;

use Uvret\Geometry\Region;

/** A convex polygon whose lower left corner is at the origin. Lengths in µm. */
final readonly class Convex
{
    /** @param list<array{float, float}> $corners anticlockwise, x and y */
    private function __construct(
        public array $corners,
        public float $width,
        public float $height,
    ) {
    }

    /** The convex hull (Andrew 1979: the monotone chain). */
    public static function hullOf(Region $shape): self
    {
        $points = [];
        foreach ($shape->rings() as $ring) {
            foreach (\array_chunk($ring, 2) as [$x, $y]) {
                $points[] = [(float) $x, (float) $y];
            }
        }
        \sort($points);
        $box = $shape->bounds() ?? throw new \LogicException('A frame has an area.');
        $corners = [...self::chain($points), ...self::chain(\array_reverse($points))];

        return new self($corners, (float) $box->width(), (float) $box->height());
    }

    public function area(): float
    {
        $twice = 0.0;
        foreach ($this->corners as $at => [$x, $y]) {
            [$nextX, $nextY] = $this->corners[($at + 1) % \count($this->corners)];
            $twice += $x * $nextY - $nextX * $y;
        }

        return $twice / 2;
    }

    /**
     * The half planes between whose lines another polygon has to lie to overlap this one: where the other's origin is at d from this one's,
     * the two overlap by c − n·d at most in the direction n; the least of these is how far they have to be moved apart (the edges of the
     * Minkowski difference; Guibas, Ramshaw and Stolfi 1983).
     *
     * @param float $apart distance that still counts as overlap
     *
     * @return list<float> flat: n across, n along, c, …
     */
    public function against(self $other, float $apart): array
    {
        $planes = [];
        foreach ([[$this, 1], [$other, -1]] as [$polygon, $side]) {
            $count = \count($polygon->corners);
            foreach ($polygon->corners as $at => [$x, $y]) {
                [$nextX, $nextY] = $polygon->corners[($at + 1) % $count];
                $length = \hypot($nextX - $x, $nextY - $y);
                [$across, $along] = [$side * ($nextY - $y) / $length, $side * ($x - $nextX) / $length];
                \array_push($planes, $across, $along, $this->reach($across, $along) + $other->reach(-$across, -$along) + $apart);
            }
        }

        return $planes;
    }

    /** Extent in a direction from its origin. */
    private function reach(float $across, float $along): float
    {
        $reach = -\INF;
        foreach ($this->corners as [$x, $y]) {
            $reach = \max($reach, $x * $across + $y * $along);
        }

        return $reach;
    }

    /**
     * @param list<array{float, float}> $points sorted
     *
     * @return list<array{float, float}> from the first to the last but one
     */
    private static function chain(array $points): array
    {
        $chain = [];
        foreach ($points as $point) {
            for ($last = \count($chain) - 1; $last > 0 && !self::turnsLeft($chain[$last - 1], $chain[$last], $point); --$last) {
                \array_pop($chain);
            }
            $chain[] = $point;
        }
        \array_pop($chain);

        return $chain;
    }

    /**
     * @param array{float, float} $from
     * @param array{float, float} $over
     * @param array{float, float} $to
     */
    private static function turnsLeft(array $from, array $over, array $to): bool
    {
        return ($over[0] - $from[0]) * ($to[1] - $from[1]) > ($over[1] - $from[1]) * ($to[0] - $from[0]);
    }
}
