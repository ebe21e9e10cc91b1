<?php

declare(strict_types=1);

namespace Uvret\Separate;

use Uvret\Geometry\Measure\EdgeIndex;
use Uvret\Geometry\Region;

/** How far a film runs on beneath another along the edge that both have in common. */
final readonly class Underlap
{
    /** What lies beneath the upper region within a distance of the lower one, and hangs together with that. */
    public static function of(Region $lower, Region $upper, int $trap, ?EdgeIndex $edge = null): Region
    {
        if (0 === $trap) {
            return Region::empty();
        }
        $edge ??= new EdgeIndex($lower);
        $near = $lower->offset($trap)->intersect($upper);
        $pieces = $near->pieces();
        $touching = \array_values(\array_filter($pieces, $edge->touches(...)));

        return \count($touching) === \count($pieces) ? $near : Region::empty()->union(...$touching);
    }
}
