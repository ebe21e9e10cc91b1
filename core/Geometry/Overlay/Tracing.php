<?php

declare(strict_types=1);

namespace Uvret\Geometry\Overlay;

use Uvret\Geometry\GeometryException;
use Uvret\Geometry\Measure\RingMeasure;

/**
 * Joins the bounding chains to rings.
 *
 * The inside is always left of a ring. Where several rings meet in a point, the walk keeps to the
 * wedge of the inside that it came along, and a point passed twice closes a ring of its own: so
 * rings touch each other, but none touches itself.
 */
final class Tracing
{
    /** @var list<list<int>> the rings, each from its least point on, outer rings anticlockwise */
    public array $rings = [];

    /** @var list<int> for each ring the outer ring it is a hole of, or itself */
    public array $outer = [];

    /** Whether no two rings touch. */
    public bool $apart = true;

    /** @var array<int, int> the ring that a chain went to */
    private array $ringOf = [];

    /** @var list<int> the lowest chain at each ring's least point */
    private array $lowest = [];

    private function __construct(
        private readonly Rings $input,
        private readonly Chains $chains,
        private readonly Sweep $sweep,
    ) {
    }

    public static function of(Rings $input, Chains $chains, Sweep $sweep): self
    {
        $tracing = new self($input, $chains, $sweep);
        $tracing->walk();
        $tracing->settleHoles();

        return $tracing;
    }

    private function walk(): void
    {
        $above = $this->sweep->above;
        $from = $this->chains->from;
        $to = $this->chains->to;
        $out = [];
        foreach ($above as $chain => $up) {
            $out[$up ? $from[$chain] : $to[$chain]][] = $chain;
        }
        $free = $above;
        foreach ($above as $chain => $up) {
            if (!isset($free[$chain])) {
                continue;
            }
            $start = $up ? $from[$chain] : $to[$chain];
            $path = [];
            $seen = isset($out[$start][1]) ? [$start => 0] : [];
            while (true) {
                $path[] = $chain;
                unset($free[$chain]);
                $head = $above[$chain] ? $to[$chain] : $from[$chain];
                $next = $out[$head] ?? throw GeometryException::brokenArrangement('a ring ends in the open');
                if (isset($next[1])) {
                    $this->apart = false;
                    if (isset($seen[$head])) {
                        $loop = \array_splice($path, $seen[$head]);
                        foreach ($seen as $node => $depth) {
                            if ($depth > \count($path)) {
                                unset($seen[$node]);
                            }
                        }
                        $this->close($loop);
                        if ([] === $path) {
                            break;
                        }
                    } else {
                        $seen[$head] = \count($path);
                    }
                    $chain = $this->alongTheWedge($chain, \array_filter($next, static fn (int $c): bool => isset($free[$c])));
                    continue;
                }
                if ($head === $start) {
                    $this->close($path);
                    break;
                }
                $chain = $next[0];
                if (!isset($free[$chain])) {
                    throw GeometryException::brokenArrangement('a ring runs into another');
                }
            }
        }
    }

    /**
     * The chain that bounds the same wedge of the inside as the one that arrives: the next one
     * clockwise from the way back.
     *
     * @param array<int> $candidates
     */
    private function alongTheWedge(int $arriving, array $candidates): int
    {
        [$rx, $ry] = $this->direction($arriving, false);
        $best = null;
        $bx = $by = $bestHalf = 0;
        foreach ($candidates as $chain) {
            [$vx, $vy] = $this->direction($chain, true);
            $half = $rx * $vy <=> $ry * $vx;
            if (null === $best || $half < $bestHalf || ($half === $bestHalf && $bx * $vy > $by * $vx)) {
                $best = $chain;
                [$bx, $by, $bestHalf] = [$vx, $vy, $half];
            }
        }

        return $best ?? throw GeometryException::brokenArrangement('a ring ends in a point');
    }

    /**
     * The direction of a chain's edge away from its tail or from its head.
     *
     * @return array{int, int}
     */
    private function direction(int $chain, bool $fromTail): array
    {
        $least = $this->chains->least[$chain];
        $greatest = $this->chains->greatest[$chain];
        $step = $least < $greatest ? 1 : -1;
        [$at, $n] = $fromTail === $this->sweep->above[$chain] ? [$least, $least + $step] : [$greatest, $greatest - $step];

        return [$this->input->x[$n] - $this->input->x[$at], $this->input->y[$n] - $this->input->y[$at]];
    }

    /**
     * Writes down the ring of a closed path of chains, without points on straight lines.
     *
     * @param list<int> $path
     */
    private function close(array $path): void
    {
        $x = $this->input->x;
        $y = $this->input->y;
        $above = $this->sweep->above;
        // Begin at the least point of the ring: it is the tail of a chain that has the inside above.
        $first = 0;
        $lowest = $path[0];
        $least = null;
        foreach ($path as $at => $chain) {
            $key = $this->chains->from[$chain];
            if (null === $least || $key < $least) {
                $least = $key;
            }
            if ($key === $least) {
                if ($above[$chain]) {
                    $first = $at;
                } else {
                    $first = $at + 1;
                }
            }
        }
        $count = \count($path);
        $ring = [];
        $qx = $qy = $px = $py = 0;
        $size = 0;
        $number = \count($this->rings);
        for ($k = 0; $k < $count; ++$k) {
            $chain = $path[($first + $k) % $count];
            $this->ringOf[$chain] = $number;
            $slot = $this->chains->least[$chain];
            $end = $this->chains->greatest[$chain];
            if (!$above[$chain]) {
                [$slot, $end] = [$end, $slot];
            }
            $step = $slot < $end ? 1 : -1;
            for (; $slot !== $end; $slot += $step) {
                $nx = $x[$slot];
                $ny = $y[$slot];
                if ($size > 2 && ($px - $qx) * ($ny - $py) === ($py - $qy) * ($nx - $px)) {
                    // The last point lies on a straight line: this one takes its place.
                    $ring[$size - 2] = $px = $nx;
                    $ring[$size - 1] = $py = $ny;
                    continue;
                }
                $ring[] = $nx;
                $ring[] = $ny;
                $size += 2;
                $qx = $px;
                $qy = $py;
                $px = $nx;
                $py = $ny;
            }
        }
        /** @var non-empty-list<int> $ring */
        if ($size > 6 && ($px - $qx) * ($ring[1] - $py) === ($py - $qy) * ($ring[0] - $px)) {
            \array_pop($ring);
            \array_pop($ring);
        }
        $a = $path[$first % $count];
        $b = $path[($first + $count - 1) % $count];
        // The two chains at the least point: the lower one has the inside above in an outer ring.
        $lowest = $this->isAnticlockwise($ring) ? $a : $b;
        $this->rings[] = $ring;
        $this->lowest[] = $lowest;
    }

    /** @param list<int> $ring a ring that begins at its least point */
    private function isAnticlockwise(array $ring): bool
    {
        $last = \count($ring) - 2;

        return ($ring[2] - $ring[0]) * ($ring[$last + 1] - $ring[1]) > ($ring[3] - $ring[1]) * ($ring[$last] - $ring[0]);
    }

    /** Finds every hole's outer ring by the chain below its least point, and orders the rings. */
    private function settleHoles(): void
    {
        $outer = [];
        $hole = [];
        foreach ($this->rings as $number => $ring) {
            if ($this->isAnticlockwise($ring)) {
                $outer[$number] = $number;
            } else {
                $under = $this->sweep->under[$this->lowest[$number]];
                if ($under < 0) {
                    throw GeometryException::brokenArrangement('a hole lies in the open');
                }
                $hole[$number] = $this->ringOf[$under];
            }
        }
        foreach ($hole as $number => $within) {
            $guard = \count($hole);
            while (!isset($outer[$within])) {
                $within = $hole[$within];
                if (--$guard < 0) {
                    throw GeometryException::brokenArrangement('holes lie in one another');
                }
            }
            $hole[$number] = $within;
        }
        $by = [];
        foreach ($this->rings as $number => $ring) {
            $at = $hole[$number] ?? $number;
            $by[$number] = [$this->rings[$at], isset($hole[$number]) ? 1 : 0, $ring];
        }
        \uasort($by, static fn (array $p, array $q): int => RingMeasure::order($p[0], $q[0]) ?: ($p[1] <=> $q[1]) ?: RingMeasure::order($p[2], $q[2]));
        $rings = $owners = $place = [];
        foreach ($by as $number => [, $isHole, $ring]) {
            $place[$number] = \count($rings);
            $rings[] = $ring;
            $owners[] = $isHole ? $place[$hole[$number]] : $place[$number];
        }
        $this->rings = $rings;
        $this->outer = $owners;
    }
}
