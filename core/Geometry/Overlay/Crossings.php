<?php

declare(strict_types=1);

namespace Uvret\Geometry\Overlay;

use Uvret\Geometry\Grid;

/**
 * Finds where edges cross, touch or lie on one another.
 *
 * Runs are taken by their least x and compared with the runs that are still active in the
 * horizontal strips they reach; two runs whose boxes meet are merged with two pointers. Every
 * decision is an exact orientation; only the place of a proper crossing is computed in floating
 * point. It goes to an end of one edge that lies within a micrometre of the other, or else to the
 * nearest point of the grid; without the first, near-parallel edges would drive a crossing along,
 * step by step. The two edges of a pair are put in order before that, so that the result does not
 * depend on which was met first.
 */
final class Crossings
{
    /** @var list<int> edge << 31 | index into and: where an edge has to be split */
    public array $splits = [];

    /** @var list<int> */
    public array $x = [];

    /** @var list<int> */
    public array $y = [];

    /**
     * @param array<int, true>      $nodes keys of the points where anything meets; added to
     * @param array<int, true>|null $moved edges that have to be tested; null tests all of them
     * @param float                 $reach square of the distance, in µm, within which a crossing falls on an end of its edges
     */
    public static function find(Rings $rings, Runs $runs, array &$nodes, ?array $moved, float $reach = 1.0): self
    {
        $x = $rings->x;
        $y = $rings->y;
        $least = $runs->least;
        $greatest = $runs->greatest;
        $low = $runs->low;
        $high = $runs->high;
        $stretch = $runs->stretch;
        $count = \count($least);
        $splits = $sx = $sy = [];
        $splitCount = 0;
        $stride = Grid::STRIDE;

        $busy = null === $moved ? null : self::holding($runs, $moved);

        // Runs in the order of their least x; the heights tell how wide a strip should be.
        $order = $right = [];
        $bottom = $low[0] ?? 0;
        $top = $high[0] ?? 0;
        $sum = 0;
        for ($run = 0; $run < $count; ++$run) {
            $right[] = $x[$greatest[$run]];
            $order[] = ($x[$least[$run]] + Grid::LIMIT) << 31 | $run;
            $lo = $low[$run];
            $hi = $high[$run];
            $sum += $hi - $lo;
            if ($lo < $bottom) {
                $bottom = $lo;
            }
            if ($hi > $top) {
                $top = $hi;
            }
        }
        \sort($order);
        $strips = (int) \min(512, \max(1, ($top - $bottom) / (2 * $sum / \max(1, \count($order)) + 1), 1));
        $strip = \intdiv($top - $bottom, $strips) + 1;
        $active = $activeBusy = \array_fill(0, $strips, []);
        $limit = \array_fill(0, $strips, 16);

        // The last edge of each ring, by its first.
        $closing = [];
        foreach ($rings->start as $ring => $slot) {
            $closing[$slot] = ($rings->start[$ring + 1] ?? 0) - 2;
        }

        foreach ($order as $packed) {
            $p = $packed & 0x7FFFFFFF;
            $pl = $least[$p];
            $pr = $greatest[$p];
            $pLow = $low[$p];
            $pHigh = $high[$p];
            $pLeft = $x[$pl];
            $pRight = $right[$p];
            $pStep = $pl < $pr ? 1 : -1;
            $pStretch = $stretch[$p];
            $pBusy = null === $busy || isset($busy[$p]);
            $first = \intdiv($pLow - $bottom, $strip);
            $last = \intdiv($pHigh - $bottom, $strip);
            for ($s = $first; $s <= $last; ++$s) {
                // Of two runs one has to hold an edge that is to be tested.
                foreach ($pBusy ? $active[$s] : $activeBusy[$s] as $q) {
                    if ($right[$q] < $pLeft || $low[$q] > $pHigh || $high[$q] < $pLow || $stretch[$q] === $pStretch) {
                        continue;
                    }
                    // A pair that meets in several strips is taken in the first that both reach.
                    $qLow = $low[$q];
                    if ($s > $first && ($qLow < $pLow ? $pLow : $qLow) < $bottom + $s * $strip) {
                        continue;
                    }
                    $j = $least[$q];
                    $jEnd = $greatest[$q];
                    $jStep = $j < $jEnd ? 1 : -1;
                    $jn = $j + $jStep;
                    // Only edges within the common box can meet.
                    while ($x[$jn] < $pLeft) {
                        $j = $jn;
                        $jn += $jStep;
                    }
                    $i = $pl;
                    $in = $i + $pStep;
                    $boxLow = $qLow > $pLow ? $qLow : $pLow;
                    $boxHigh = $high[$q] < $pHigh ? $high[$q] : $pHigh;
                    $ax = $x[$i];
                    $ay = $y[$i];
                    $bx = $x[$in];
                    $by = $y[$in];
                    $cx = $x[$j];
                    $cy = $y[$j];
                    $dx = $x[$jn];
                    $dy = $y[$jn];
                    while (true) {
                        // Edges a → b and c → d, both rising by x, then y.
                        if ($ay < $by) {
                            $lo = $ay;
                            $hi = $by;
                        } else {
                            $lo = $by;
                            $hi = $ay;
                        }
                        if (($cy >= $lo || $dy >= $lo) && ($cy <= $hi || $dy <= $hi) && $hi >= $boxLow && $lo <= $boxHigh && $cx <= $bx && $ax <= $dx
                            && (null === $moved || isset($moved[$pStep > 0 ? $i : $in]) || isset($moved[$jStep > 0 ? $j : $jn]))) {
                            $ux = $bx - $ax;
                            $uy = $by - $ay;
                            $o1 = $ux * ($cy - $ay) - $uy * ($cx - $ax);
                            $o2 = $ux * ($dy - $ay) - $uy * ($dx - $ax);
                            if (!(($o1 > 0 && $o2 > 0) || ($o1 < 0 && $o2 < 0))) {
                                $vx = $dx - $cx;
                                $vy = $dy - $cy;
                                $o3 = $vx * ($ay - $cy) - $vy * ($ax - $cx);
                                $o4 = $vx * ($by - $cy) - $vy * ($bx - $cx);
                                if (!(($o3 > 0 && $o4 > 0) || ($o3 < 0 && $o4 < 0))) {
                                    $e = $pStep > 0 ? $i : $in;
                                    $f = $jStep > 0 ? $j : $jn;
                                    if (0 !== $o1 && 0 !== $o2 && 0 !== $o3 && 0 !== $o4) {
                                        if ($ax < $cx || ($ax === $cx && ($ay < $cy || ($ay === $cy && ($bx < $dx || ($bx === $dx && $by < $dy)))))) {
                                            $t = $o3 / ($o3 - $o4);
                                            $fx = $ax + $t * $ux;
                                            $fy = $ay + $t * $uy;
                                        } else {
                                            $t = $o1 / ($o1 - $o2);
                                            $fx = $cx + $t * $vx;
                                            $fy = $cy + $t * $vy;
                                        }
                                        $mx = (int) \floor($fx + 0.5);
                                        $my = (int) \floor($fy + 0.5);
                                        // Where they cross on the grid itself, nothing is bent.
                                        if ($ux * ($my - $ay) !== $uy * ($mx - $ax) || $vx * ($my - $cy) !== $vy * ($mx - $cx)) {
                                            // An end that lies on the other edge but for the reach, the nearest one; else the nearest point of the grid.
                                            $best = $reach;
                                            $isEnd = false;
                                            $uu = (float) ($ux * $ux + $uy * $uy);
                                            $vv = (float) ($vx * $vx + $vy * $vy);
                                            $off = (float) $o3 * $o3 / $vv;
                                            if ($off <= $best) {
                                                $along = $vx * ($ax - $cx) + $vy * ($ay - $cy);
                                                if (($along >= 0 && $along <= $vv) || ($fx - $ax) ** 2 + ($fy - $ay) ** 2 <= $reach) {
                                                    $best = $off;
                                                    $mx = $ax;
                                                    $my = $ay;
                                                    $isEnd = true;
                                                }
                                            }
                                            $off = (float) $o4 * $o4 / $vv;
                                            if ($off <= $best && (!$isEnd || $off < $best || $bx < $mx || ($bx === $mx && $by < $my))) {
                                                $along = $vx * ($bx - $cx) + $vy * ($by - $cy);
                                                if (($along >= 0 && $along <= $vv) || ($fx - $bx) ** 2 + ($fy - $by) ** 2 <= $reach) {
                                                    $best = $off;
                                                    $mx = $bx;
                                                    $my = $by;
                                                    $isEnd = true;
                                                }
                                            }
                                            $off = (float) $o1 * $o1 / $uu;
                                            if ($off <= $best && (!$isEnd || $off < $best || $cx < $mx || ($cx === $mx && $cy < $my))) {
                                                $along = $ux * ($cx - $ax) + $uy * ($cy - $ay);
                                                if (($along >= 0 && $along <= $uu) || ($fx - $cx) ** 2 + ($fy - $cy) ** 2 <= $reach) {
                                                    $best = $off;
                                                    $mx = $cx;
                                                    $my = $cy;
                                                    $isEnd = true;
                                                }
                                            }
                                            $off = (float) $o2 * $o2 / $uu;
                                            if ($off <= $best && (!$isEnd || $off < $best || $dx < $mx || ($dx === $mx && $dy < $my))) {
                                                $along = $ux * ($dx - $ax) + $uy * ($dy - $ay);
                                                if (($along >= 0 && $along <= $uu) || ($fx - $dx) ** 2 + ($fy - $dy) ** 2 <= $reach) {
                                                    $mx = $dx;
                                                    $my = $dy;
                                                }
                                            }
                                        }
                                        $nodes[$mx * $stride + $my] = true;
                                        if (($mx !== $ax || $my !== $ay) && ($mx !== $bx || $my !== $by)) {
                                            $splits[] = $e << 31 | $splitCount++;
                                            $sx[] = $mx;
                                            $sy[] = $my;
                                        }
                                        if (($mx !== $cx || $my !== $cy) && ($mx !== $dx || $my !== $dy)) {
                                            $splits[] = $f << 31 | $splitCount++;
                                            $sx[] = $mx;
                                            $sy[] = $my;
                                        }
                                    } else {
                                        $ka = $ax * $stride + $ay;
                                        $kb = $bx * $stride + $by;
                                        $kc = $cx * $stride + $cy;
                                        $kd = $dx * $stride + $dy;
                                        // Neighbours in their ring share a point without meeting there.
                                        $shared = ($ka === $kc || $kb === $kd) && (0 !== $o1 || 0 !== $o2)
                                            && (1 === \abs($e - $f) || ($closing[$e < $f ? $e : $f] ?? -1) === ($e < $f ? $f : $e));
                                        if (!$shared) {
                                            if (0 === $o1 && $ka <= $kc && $kc <= $kb) {
                                                $nodes[$kc] = true;
                                                if ($ka !== $kc && $kc !== $kb) {
                                                    $splits[] = $e << 31 | $splitCount++;
                                                    $sx[] = $cx;
                                                    $sy[] = $cy;
                                                }
                                            }
                                            if (0 === $o2 && $ka <= $kd && $kd <= $kb) {
                                                $nodes[$kd] = true;
                                                if ($ka !== $kd && $kd !== $kb) {
                                                    $splits[] = $e << 31 | $splitCount++;
                                                    $sx[] = $dx;
                                                    $sy[] = $dy;
                                                }
                                            }
                                            if (0 === $o3 && $kc < $ka && $ka < $kd) {
                                                $nodes[$ka] = true;
                                                $splits[] = $f << 31 | $splitCount++;
                                                $sx[] = $ax;
                                                $sy[] = $ay;
                                            }
                                            if (0 === $o4 && $kc < $kb && $kb < $kd) {
                                                $nodes[$kb] = true;
                                                $splits[] = $f << 31 | $splitCount++;
                                                $sx[] = $bx;
                                                $sy[] = $by;
                                            }
                                        }
                                    }
                                }
                            }
                        }
                        // On with the edge that ends first.
                        if ($bx < $dx || ($bx === $dx && $by <= $dy)) {
                            if ($in === $pr) {
                                break;
                            }
                            $in += $pStep;
                            $i += $pStep;
                            $ax = $bx;
                            $ay = $by;
                            $bx = $x[$in];
                            $by = $y[$in];
                        } else {
                            if ($jn === $jEnd) {
                                break;
                            }
                            $jn += $jStep;
                            $j += $jStep;
                            $cx = $dx;
                            $cy = $dy;
                            $dx = $x[$jn];
                            $dy = $y[$jn];
                        }
                    }
                }
                $active[$s][] = $p;
                if ($pBusy && null !== $busy) {
                    $activeBusy[$s][] = $p;
                }
                if (\count($active[$s]) > $limit[$s]) {
                    $left = $leftBusy = [];
                    foreach ($active[$s] as $q) {
                        if ($right[$q] >= $pLeft) {
                            $left[] = $q;
                            if (isset($busy[$q])) {
                                $leftBusy[] = $q;
                            }
                        }
                    }
                    $active[$s] = $left;
                    $activeBusy[$s] = $leftBusy;
                    $limit[$s] = 16 + 2 * \count($left);
                }
            }
        }
        $found = new self();
        $found->splits = $splits;
        $found->x = $sx;
        $found->y = $sy;

        return $found;
    }

    /**
     * The runs that hold an edge to be tested.
     *
     * @param array<int, true> $moved in rising order
     *
     * @return array<int, true>
     */
    private static function holding(Runs $runs, array $moved): array
    {
        $greatest = $runs->greatest;
        // Runs and moved edges are both in the order of their slots.
        $edges = \array_keys($moved);
        $edges[] = \PHP_INT_MAX;
        $at = 0;
        $busy = [];
        foreach ($runs->least as $run => $from) {
            $to = $greatest[$run];
            if ($from > $to) {
                [$from, $to] = [$to, $from];
            }
            while ($edges[$at] < $from) {
                ++$at;
            }
            if ($edges[$at] < $to) {
                $busy[$run] = true;
            }
        }

        return $busy;
    }
}
