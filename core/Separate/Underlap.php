<?php

declare(strict_types=1);

namespace Uvret\Separate;

use Uvret\Geometry\Region;

/** How far a film runs on beneath another along the edge that both have in common. */
final readonly class Underlap
{
    /** What is nearer than this shares an edge, in µm. */
    private const NEAR = 2.0;

    /** Whether two regions that do not overlap touch. */
    public static function touches(Region $one, Region $other): bool
    {
        $box = $other->bounds()?->grown(2);
        if (null === $box || true !== $one->bounds()?->overlaps($box)) {
            return false;
        }

        return self::shareVertex($one, $other) || $one->distanceTo($other) <= self::NEAR;
    }

    /** What lies beneath the upper region within a distance of the lower one, and hangs together with that. */
    public static function of(Region $lower, Region $upper, int $trap): Region
    {
        if (0 === $trap) {
            return Region::empty();
        }
        $near = $lower->offset($trap)->intersect($upper);

        return Region::empty()->union(...\array_values(\array_filter($near->pieces(), static fn (Region $piece): bool => self::touches($lower, $piece))));
    }

    /** Regions that were cut by one another mostly have corners in common. */
    private static function shareVertex(Region $one, Region $other): bool
    {
        $vertices = [];
        foreach ($one->rings() as $ring) {
            for ($i = 0, $count = \count($ring); $i < $count; $i += 2) {
                $vertices[$ring[$i].' '.$ring[$i + 1]] = true;
            }
        }
        foreach ($other->rings() as $ring) {
            for ($i = 0, $count = \count($ring); $i < $count; $i += 2) {
                if (isset($vertices[$ring[$i].' '.$ring[$i + 1]])) {
                    return true;
                }
            }
        }

        return false;
    }
}
