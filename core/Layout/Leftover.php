<?php

declare(strict_types=1);

namespace Uvret\Layout;

use Uvret\Geometry\Corner;
use Uvret\Geometry\Region;

/** Film worth keeping after a cut. Lengths in µm. */
final class Leftover
{
    /**
     * @param Region       $film     the film on the cutter that is not rolled up again
     * @param list<Region> $frames   cut out of it
     * @param int          $smallest least width of a scrap
     *
     * @return list<Region> outlines in place, largest first
     */
    public static function of(Region $film, array $frames, int $smallest): array
    {
        $half = \intdiv($smallest, 2);
        $rest = $film->subtract(...$frames);
        // An opening whose corners stay square: straight film keeps its corners.
        $core = $rest->offset(-$half);
        $wide = $core->offset($half, Corner::Mitre)->intersect($rest);
        $kept = [];
        foreach ($wide->pieces() as $piece) {
            $box = $piece->bounds();
            if (null !== $box && \min($box->width(), $box->height()) >= $smallest) {
                $kept[] = $piece;
            }
        }
        \usort($kept, static fn (Region $a, Region $b): int => $b->area() <=> $a->area());

        return $kept;
    }
}
