<?php

declare(strict_types=1);

namespace Uvret\Geometry\Measure;

use Uvret\Geometry\Region;

/** Highest and lowest points of a region at given x. Lengths are in µm. */
final readonly class Envelope
{
    /** @param list<array{int, int, int, int}> $edges from left to right */
    private function __construct(private array $edges)
    {
    }

    public static function of(Region $region): self
    {
        $edges = [];
        foreach ($region->rings() as $ring) {
            $count = \count($ring);
            for ($i = 0; $i < $count; $i += 2) {
                $next = ($i + 2) % $count;
                [$x1, $y1, $x2, $y2] = [$ring[$i], $ring[$i + 1], $ring[$next], $ring[$next + 1]];
                $edges[] = $x1 <= $x2 ? [$x1, $y1, $x2, $y2] : [$x2, $y2, $x1, $y1];
            }
        }

        return new self($edges);
    }

    /** @return list<int> where the region, and each of some others, has corners; rising */
    public function places(self ...$others): array
    {
        $places = [];
        foreach ([$this, ...$others] as $envelope) {
            foreach ($envelope->edges as [$x1, , $x2]) {
                $places[$x1] = true;
                $places[$x2] = true;
            }
        }
        $places = \array_keys($places);
        \sort($places);

        return $places;
    }

    /**
     * @param list<int> $places rising; among them all corners of the region
     *
     * @return array<int, float> by the number of the place; none if the region has nothing
     */
    public function highest(array $places): array
    {
        return $this->outermost($places, 1);
    }

    /**
     * @param list<int> $places rising; among them all corners of the region
     *
     * @return array<int, float> by the number of the place; none if the region has nothing
     */
    public function lowest(array $places): array
    {
        return $this->outermost($places, -1);
    }

    /**
     * Number of crossings of the outline with a vertical line between successive places: two if there is neither notch nor hole.
     *
     * @param list<int> $places rising; among them all corners of the region
     *
     * @return list<int> one less than there are places
     */
    public function crossings(array $places): array
    {
        $numbers = \array_flip($places);
        $crossings = \array_fill(0, \max(0, \count($places) - 1), 0);
        foreach ($this->edges as [$x1, , $x2]) {
            for ($at = $numbers[$x1]; $at < $numbers[$x2]; ++$at) {
                ++$crossings[$at];
            }
        }

        return \array_values($crossings);
    }

    /**
     * @param list<int> $places
     *
     * @return array<int, float>
     */
    private function outermost(array $places, int $side): array
    {
        $numbers = \array_flip($places);
        $heights = [];
        foreach ($this->edges as [$x1, $y1, $x2, $y2]) {
            for ($at = $numbers[$x1]; $at <= $numbers[$x2]; ++$at) {
                $y = $x1 === $x2 ? ($side > 0 ? \max($y1, $y2) : \min($y1, $y2)) : $y1 + ($y2 - $y1) * ($places[$at] - $x1) / ($x2 - $x1);
                $heights[$at] = isset($heights[$at]) ? ($side > 0 ? \max($heights[$at], $y) : \min($heights[$at], $y)) : (float) $y;
            }
        }
        \ksort($heights);

        return $heights;
    }
}
