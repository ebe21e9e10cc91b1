<?php

declare(strict_types=1);

namespace Uvret\Geometry\Measure;

/** Clips open lines to rings: the parts inside or on the edge. */
final class LineClip
{
    /**
     * @param list<int>       $line  x0, y0, x1, y1, … in µm
     * @param list<list<int>> $rings valid rings
     *
     * @return list<list<int>> the parts inside, in the line's direction
     */
    public static function inside(array $line, array $rings): array
    {
        $parts = $part = [];
        $count = \count($line);
        for ($i = 0; $i + 3 < $count; $i += 2) {
            [$ax, $ay, $bx, $by] = [$line[$i], $line[$i + 1], $line[$i + 2], $line[$i + 3]];
            if ($ax === $bx && $ay === $by) {
                continue;
            }
            $cuts = self::cuts($ax, $ay, $bx, $by, $rings);
            $from = 0.0;
            foreach ($cuts as $to) {
                // A part between two cuts is inside if its midpoint is.
                $middle = ($from + $to) / 2;
                $inside = Inside::holds($rings, (int) \round($ax + $middle * ($bx - $ax)), (int) \round($ay + $middle * ($by - $ay)));
                if ($inside) {
                    if ([] === $part) {
                        $part = [(int) \round($ax + $from * ($bx - $ax)), (int) \round($ay + $from * ($by - $ay))];
                    }
                    \array_push($part, (int) \round($ax + $to * ($bx - $ax)), (int) \round($ay + $to * ($by - $ay)));
                } elseif ([] !== $part) {
                    $parts[] = $part;
                    $part = [];
                }
                $from = $to;
            }
        }
        if ([] !== $part) {
            $parts[] = $part;
        }

        return \array_map(self::withoutRepeats(...), $parts);
    }

    /**
     * Where a segment meets the rings, in its parameter; 1 comes last.
     *
     * @param list<list<int>> $rings
     *
     * @return list<float>
     */
    private static function cuts(int $ax, int $ay, int $bx, int $by, array $rings): array
    {
        $ux = $bx - $ax;
        $uy = $by - $ay;
        $length = $ux * $ux + $uy * $uy;
        $cuts = [1.0];
        foreach ($rings as $ring) {
            $count = \count($ring);
            $cx = $ring[$count - 2];
            $cy = $ring[$count - 1];
            $before = $ux * ($cy - $ay) <=> $uy * ($cx - $ax);
            for ($i = 0; $i < $count; $i += 2) {
                $dx = $ring[$i];
                $dy = $ring[$i + 1];
                $side = $ux * ($dy - $ay) <=> $uy * ($dx - $ax);
                if (0 === $side) {
                    $cuts[] = (($dx - $ax) * $ux + ($dy - $ay) * $uy) / $length;
                } elseif ($side === -$before) {
                    $vx = $dx - $cx;
                    $vy = $dy - $cy;
                    $cuts[] = ($vx * ($ay - $cy) - $vy * ($ax - $cx)) / ($vy * $ux - $vx * $uy);
                }
                $before = $side;
                $cx = $dx;
                $cy = $dy;
            }
        }
        $cuts = \array_values(\array_unique(\array_filter($cuts, static fn (float $t): bool => $t > 0 && $t <= 1)));
        \sort($cuts);

        return $cuts;
    }

    /**
     * @param list<int> $part
     *
     * @return list<int>
     */
    private static function withoutRepeats(array $part): array
    {
        $kept = [$part[0], $part[1]];
        for ($i = 2, $count = \count($part); $i < $count; $i += 2) {
            $end = \count($kept);
            if ($part[$i] === $kept[$end - 2] && $part[$i + 1] === $kept[$end - 1]) {
                continue;
            }
            // Drops points on the straight line between their neighbours.
            if ($end > 2 && self::isStraight($kept[$end - 4], $kept[$end - 3], $kept[$end - 2], $kept[$end - 1], $part[$i], $part[$i + 1])) {
                \array_splice($kept, -2);
            }
            \array_push($kept, $part[$i], $part[$i + 1]);
        }

        return $kept;
    }

    private static function isStraight(int $ax, int $ay, int $bx, int $by, int $cx, int $cy): bool
    {
        $across = ($bx - $ax) * ($cy - $ay) - ($by - $ay) * ($cx - $ax);
        $length = \sqrt(($cx - $ax) ** 2 + ($cy - $ay) ** 2);

        return \abs($across) <= $length && ($bx - $ax) * ($cx - $bx) + ($by - $ay) * ($cy - $by) > 0;
    }
}
