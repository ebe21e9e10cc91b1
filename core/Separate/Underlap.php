<?php

declare(strict_types=1);

namespace Uvret\Separate;

use Uvret\Geometry\Measure\EdgeIndex;
use Uvret\Geometry\Region;

/** How far a film runs on beneath others along the edges that it has in common with them. */
final class Underlap
{
    /** @var array<int, Region> by the trap */
    private array $grown = [];

    /** @var array<string, Region> by trap and upper region */
    private array $behind = [];

    private readonly EdgeIndex $edge;

    /** @param Region $lower what is seen of the lower film */
    public function __construct(private readonly Region $lower)
    {
        $this->edge = new EdgeIndex($lower);
    }

    public function touches(Region $upper): bool
    {
        return $this->edge->touches($upper);
    }

    /** Whether all of an upper region's edge is the lower one's as well. */
    public function surrounds(Region $upper): bool
    {
        return $this->edge->surrounds($upper);
    }

    /** What lies beneath an upper region within a distance of the lower one, and hangs together with that. */
    public function beneath(Region $upper, int $trap): Region
    {
        if (0 === $trap) {
            return Region::empty();
        }
        if ($this->edge->surrounds($upper)) {
            // Whatever of it is near the lower one is near its own edge, and far quicker found there.
            return $upper->subtract($this->behind($upper, $trap, Region::empty()));
        }
        $near = ($this->grown[$trap] ??= $this->lower->offset($trap))->intersect($upper);
        $pieces = $near->pieces();
        $touching = \array_values(\array_filter($pieces, $this->edge->touches(...)));

        return \count($touching) === \count($pieces) ? $near : Region::empty()->union(...$touching);
    }

    /** What is left of an upper region behind what lies beneath it. */
    public function behind(Region $upper, int $trap, Region $beneath): Region
    {
        if (0 === $trap || !$this->edge->surrounds($upper)) {
            return $upper->subtract($beneath);
        }

        return $this->behind[$trap.' '.$upper->digest()] ??= $upper->offset(-$trap);
    }
}
