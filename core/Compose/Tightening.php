<?php

declare(strict_types=1);

namespace Uvret\Compose;

use Uvret\Geometry\Region;

/** How far a shape can be moved up under another one until a gap of real ink is left between them. */
final class Tightening
{
    /**
     * @param Region $above in its place
     * @param Region $below across where it will stand, at any height
     * @param int    $gap   the least distance that is left, in µm; below 0 they overlap by that
     *
     * @return int|null how far up it has to be moved (down where that is below 0); null where the two never meet
     */
    public static function rise(Region $above, Region $below, int $gap): ?int
    {
        // What is nearer than the gap is what touches the shape above grown by it.
        $grown = 0 === $gap ? $above : $above->offset($gap);
        $lower = self::edges($grown);
        $upper = self::edges($below);
        $places = [];
        foreach ([...$lower, ...$upper] as [$x1, , $x2]) {
            $places[$x1] = true;
            $places[$x2] = true;
        }
        $places = \array_keys($places);
        \sort($places);
        // The lowest of the shape above and the highest of the one below, at every corner of either.
        $lowest = self::envelope($lower, $places, -1);
        $highest = self::envelope($upper, $places, 1);
        $rise = null;
        foreach ($lowest as $at => $y) {
            if (isset($highest[$at])) {
                $free = $y - $highest[$at];
                $rise = null === $rise ? $free : \min($rise, $free);
            }
        }

        return null === $rise ? null : (int) \floor($rise);
    }

    /** @return list<array{int, int, int, int}> edges from left to right */
    private static function edges(Region $region): array
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

        return $edges;
    }

    /**
     * @param list<array{int, int, int, int}> $edges
     * @param list<int>                       $places sorted
     * @param int                             $side   1 for the highest, −1 for the lowest
     *
     * @return array<int, float> by the number of the place
     */
    private static function envelope(array $edges, array $places, int $side): array
    {
        $numbers = \array_flip($places);
        $heights = [];
        foreach ($edges as [$x1, $y1, $x2, $y2]) {
            for ($at = $numbers[$x1]; $at <= $numbers[$x2]; ++$at) {
                $y = $x1 === $x2 ? ($side > 0 ? \max($y1, $y2) : \min($y1, $y2)) : $y1 + ($y2 - $y1) * ($places[$at] - $x1) / ($x2 - $x1);
                $heights[$at] = isset($heights[$at]) ? ($side > 0 ? \max($heights[$at], $y) : \min($heights[$at], $y)) : (float) $y;
            }
        }

        return $heights;
    }
}
