<?php

declare(strict_types=1);

namespace Uvret\Compose\Treat;

use Uvret\Geometry\Region;

/** Stencil bridges: bars across the strokes round a hole, on which the piece inside it hangs. */
final class Bridges
{
    /**
     * What is left to be cut out when every hole of a shape has two bars, one up and one down.
     *
     * @param int $width of a bar, in µm
     */
    public static function leave(Region $shape, int $width): Region
    {
        $bars = [];
        $bounds = $shape->bounds();
        foreach ($shape->holes() as $hole) {
            $box = $hole->bounds();
            if (null === $box || null === $bounds) {
                continue;
            }
            $x = \intdiv($box->left + $box->right, 2);
            $y = \intdiv($box->bottom + $box->top, 2);
            foreach ([$bounds->top + $width, $bounds->bottom - $width] as $end) {
                // From the hole across the first stroke.
                $stroke = $shape->clipLines([[$x, $y, $x, $end]])[0] ?? null;
                if (null !== $stroke) {
                    $out = $stroke[\count($stroke) - 1] + ($end > $y ? $width : -$width);
                    $half = \intdiv($width, 2);
                    $bars[] = [$x - $half, \min($y, $out), $x + $half, \min($y, $out), $x + $half, \max($y, $out), $x - $half, \max($y, $out)];
                }
            }
        }

        return [] === $bars ? $shape : $shape->subtract(Region::fromRings($bars));
    }
}
