<?php

declare(strict_types=1);

namespace Uvret\Geometry\Measure;

/** Whether a point lies in rings, by counting the edges that cross a ray to the right, exactly. */
final class Inside
{
    /** @param list<list<int>> $rings valid rings */
    public static function holds(array $rings, int $x, int $y): bool
    {
        $inside = false;
        foreach ($rings as $ring) {
            $count = \count($ring);
            $px = $ring[$count - 2];
            $py = $ring[$count - 1];
            for ($i = 0; $i < $count; $i += 2) {
                $nx = $ring[$i];
                $ny = $ring[$i + 1];
                $side = ($nx - $px) * ($y - $py) <=> ($ny - $py) * ($x - $px);
                if (0 === $side && $x >= \min($px, $nx) && $x <= \max($px, $nx) && $y >= \min($py, $ny) && $y <= \max($py, $ny)) {
                    return true;
                }
                if (($py > $y) !== ($ny > $y) && ($ny > $py ? $side > 0 : $side < 0)) {
                    $inside = !$inside;
                }
                $px = $nx;
                $py = $ny;
            }
        }

        return $inside;
    }
}
