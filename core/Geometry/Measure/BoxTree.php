<?php

declare(strict_types=1);

namespace Uvret\Geometry\Measure;

/**
 * The edges of rings in a tree of boxes: a few successive edges in each leaf, pairs of boxes above.
 *
 * Successive edges lie close together, so the tree needs no sorting. Nodes are numbered as in a
 * binary heap: the children of node n are 2n and 2n + 1.
 */
final class BoxTree
{
    private const LEAF = 8;

    /** @var list<int> the first edge of each leaf, and one behind the last */
    private array $first = [];

    /** @var array<int, int> */
    private array $left = [];

    /** @var array<int, int> */
    private array $bottom = [];

    /** @var array<int, int> */
    private array $right = [];

    /** @var array<int, int> */
    private array $top = [];

    /** The number of the first leaf among the nodes. */
    private int $leaves = 1;

    /**
     * @param list<int> $x   edge e goes from ($x[e], $y[e]) to ($toX[e], $toY[e])
     * @param list<int> $y
     * @param list<int> $toX
     * @param list<int> $toY
     */
    private function __construct(
        private readonly array $x,
        private readonly array $y,
        private readonly array $toX,
        private readonly array $toY,
    ) {
    }

    /** @param list<list<int>> $rings valid rings, one at least */
    public static function of(array $rings): self
    {
        $x = $y = $toX = $toY = $first = [];
        foreach ($rings as $ring) {
            $count = \count($ring);
            for ($i = 0; $i < $count; $i += 2) {
                if (0 === $i % (2 * self::LEAF)) {
                    $first[] = \count($x);
                }
                $next = $i + 2 === $count ? 0 : $i + 2;
                $x[] = $ring[$i];
                $y[] = $ring[$i + 1];
                $toX[] = $ring[$next];
                $toY[] = $ring[$next + 1];
            }
        }
        $first[] = \count($x);
        $tree = new self($x, $y, $toX, $toY);
        $tree->first = $first;
        $tree->build();

        return $tree;
    }

    private function build(): void
    {
        $x = $this->x;
        $y = $this->y;
        $toX = $this->toX;
        $toY = $this->toY;
        $lefts = $bottoms = $rights = $tops = [];
        $count = \count($this->first) - 1;
        while ($this->leaves < $count) {
            $this->leaves *= 2;
        }
        $node = $this->leaves;
        for ($leaf = 0; $leaf < $count; ++$leaf) {
            $e = $this->first[$leaf];
            $end = $this->first[$leaf + 1];
            // The edges of a leaf follow one another: all starts, and the last end.
            $left = $right = $toX[$end - 1];
            $bottom = $top = $toY[$end - 1];
            for (; $e < $end; ++$e) {
                $px = $x[$e];
                if ($px < $left) {
                    $left = $px;
                } elseif ($px > $right) {
                    $right = $px;
                }
                $py = $y[$e];
                if ($py < $bottom) {
                    $bottom = $py;
                } elseif ($py > $top) {
                    $top = $py;
                }
            }
            $lefts[$node] = $left;
            $rights[$node] = $right;
            $bottoms[$node] = $bottom;
            $tops[$node] = $top;
            ++$node;
        }
        for ($node = $this->leaves - 1; $node > 0; --$node) {
            $a = 2 * $node;
            $b = $a + 1;
            if (!isset($lefts[$a])) {
                continue;
            }
            if (!isset($lefts[$b])) {
                $b = $a;
            }
            $lefts[$node] = \min($lefts[$a], $lefts[$b]);
            $rights[$node] = \max($rights[$a], $rights[$b]);
            $bottoms[$node] = \min($bottoms[$a], $bottoms[$b]);
            $tops[$node] = \max($tops[$a], $tops[$b]);
        }
        $this->left = $lefts;
        $this->right = $rights;
        $this->bottom = $bottoms;
        $this->top = $tops;
    }

    /** An edge that is nearer to the point than the distance, in µm: its number in the order of the rings; -1 where there is none. */
    public function edgeNearer(int $px, int $py, float $distance): int
    {
        $lefts = $this->left;
        $rights = $this->right;
        $bottoms = $this->bottom;
        $tops = $this->top;
        $leaves = $this->leaves;
        $first = $this->first;
        $x = $this->x;
        $y = $this->y;
        $toX = $this->toX;
        $toY = $this->toY;
        $square = $distance * $distance;
        $stack = [1];
        $depth = 1;
        while ($depth > 0) {
            --$depth;
            $node = $stack[$depth];
            if (!isset($lefts[$node])) {
                continue;
            }
            $dx = $px < $lefts[$node] ? $lefts[$node] - $px : ($px > $rights[$node] ? $px - $rights[$node] : 0);
            $dy = $py < $bottoms[$node] ? $bottoms[$node] - $py : ($py > $tops[$node] ? $py - $tops[$node] : 0);
            if ($dx * $dx + $dy * $dy >= $square) {
                continue;
            }
            if ($node < $leaves) {
                $stack[$depth] = 2 * $node;
                $stack[$depth + 1] = 2 * $node + 1;
                $depth += 2;
                continue;
            }
            for ($e = $first[$node - $leaves], $end = $first[$node - $leaves + 1]; $e < $end; ++$e) {
                $ux = $toX[$e] - $x[$e];
                $uy = $toY[$e] - $y[$e];
                $wx = $px - $x[$e];
                $wy = $py - $y[$e];
                $along = $wx * $ux + $wy * $uy;
                if ($along <= 0) {
                    if ($wx * $wx + $wy * $wy < $square) {
                        return $e;
                    }
                    continue;
                }
                $length = $ux * $ux + $uy * $uy;
                // Beyond the end, the next edge's start is as near.
                if ($along < $length) {
                    $across = (float) ($wx * $uy - $wy * $ux);
                    if ($across * $across < $square * $length) {
                        return $e;
                    }
                }
            }
        }

        return -1;
    }

    /** The distance from a point to the nearest edge, in µm. */
    public function distance(float $px, float $py): float
    {
        return \sqrt($this->nearest($px, $py));
    }

    /** Whether a point lies within the rings: an odd number of edges crosses the ray to its right. */
    public function holds(float $px, float $py): bool
    {
        $inside = false;
        $stack = [1];
        while ([] !== $stack) {
            $node = \array_pop($stack);
            if (!isset($this->left[$node]) || $this->bottom[$node] > $py || $this->top[$node] < $py || $this->right[$node] < $px) {
                continue;
            }
            if ($node < $this->leaves) {
                $stack[] = 2 * $node;
                $stack[] = 2 * $node + 1;
                continue;
            }
            $leaf = $node - $this->leaves;
            for ($e = $this->first[$leaf], $end = $this->first[$leaf + 1]; $e < $end; ++$e) {
                $ay = $this->y[$e];
                $by = $this->toY[$e];
                if (($ay > $py) !== ($by > $py) && $px < $this->x[$e] + ($py - $ay) / ($by - $ay) * ($this->toX[$e] - $this->x[$e])) {
                    $inside = !$inside;
                }
            }
        }

        return $inside;
    }

    /** The square of the distance to the nearest edge. */
    private function nearest(float $px, float $py): float
    {
        $best = \INF;
        $stack = [1];
        while ([] !== $stack) {
            $node = \array_pop($stack);
            if ($this->squareToBox($node, $px, $py) >= $best) {
                continue;
            }
            if ($node >= $this->leaves) {
                $best = $this->nearestInLeaf($node - $this->leaves, $px, $py, $best);
                continue;
            }
            $a = 2 * $node;
            $b = $a + 1;
            if (!isset($this->left[$b])) {
                $stack[] = $a;
            } elseif ($this->squareToBox($a, $px, $py) < $this->squareToBox($b, $px, $py)) {
                $stack[] = $b;
                $stack[] = $a;
            } else {
                $stack[] = $a;
                $stack[] = $b;
            }
        }

        return $best;
    }

    private function squareToBox(int $node, float $px, float $py): float
    {
        $dx = $px < $this->left[$node] ? $this->left[$node] - $px : ($px > $this->right[$node] ? $px - $this->right[$node] : 0.0);
        $dy = $py < $this->bottom[$node] ? $this->bottom[$node] - $py : ($py > $this->top[$node] ? $py - $this->top[$node] : 0.0);

        return $dx * $dx + $dy * $dy;
    }

    private function nearestInLeaf(int $leaf, float $px, float $py, float $best): float
    {
        for ($e = $this->first[$leaf], $end = $this->first[$leaf + 1]; $e < $end; ++$e) {
            $ax = $this->x[$e];
            $ay = $this->y[$e];
            $ux = $this->toX[$e] - $ax;
            $uy = $this->toY[$e] - $ay;
            $wx = $px - $ax;
            $wy = $py - $ay;
            $along = $wx * $ux + $wy * $uy;
            $length = $ux * $ux + $uy * $uy;
            if ($along <= 0) {
                $square = $wx * $wx + $wy * $wy;
            } elseif ($along >= $length) {
                $square = ($wx - $ux) ** 2 + ($wy - $uy) ** 2;
            } else {
                $across = $wx * $uy - $wy * $ux;
                $square = $across * $across / $length;
            }
            if ($square < $best) {
                $best = $square;
            }
        }

        return $best;
    }

    /**
     * The distance between the edges of two trees, in µm; crossings are not detected.
     *
     * @param float $limit returned if there is no shorter distance
     */
    public function distanceTo(self $other, float $limit = \INF): float
    {
        $best = $limit * $limit;
        $stack = [[1, 1, 0.0]];
        while ([] !== $stack) {
            [$p, $q, $bound] = \array_pop($stack);
            if ($bound >= $best) {
                continue;
            }
            if ($p >= $this->leaves && $q >= $other->leaves) {
                $best = $this->betweenLeaves($p - $this->leaves, $other, $q - $other->leaves, $best);
                continue;
            }
            // The node farther up is opened; the nearer of its parts is looked at first.
            $pairs = [];
            $openP = $q >= $other->leaves || ($p < $this->leaves && $p <= $q);
            foreach ($openP ? [2 * $p, 2 * $p + 1] : [2 * $q, 2 * $q + 1] as $part) {
                [$a, $b] = $openP ? [$part, $q] : [$p, $part];
                if (isset($this->left[$a], $other->left[$b])) {
                    $pairs[] = [$a, $b, $this->squareBetweenBoxes($a, $other, $b)];
                }
            }
            \usort($pairs, static fn (array $s, array $t): int => $t[2] <=> $s[2]);
            \array_push($stack, ...$pairs);
        }

        return \sqrt($best);
    }

    private function squareBetweenBoxes(int $a, self $other, int $b): float
    {
        $dx = \max(0, $this->left[$a] - $other->right[$b], $other->left[$b] - $this->right[$a]);
        $dy = \max(0, $this->bottom[$a] - $other->top[$b], $other->bottom[$b] - $this->top[$a]);

        return (float) $dx * $dx + (float) $dy * $dy;
    }

    /** Of two segments that do not cross, an end of one is nearest to the other. */
    private function betweenLeaves(int $leaf, self $other, int $otherLeaf, float $best): float
    {
        for ($e = $this->first[$leaf]; $e < $this->first[$leaf + 1]; ++$e) {
            $best = $other->nearestInLeaf($otherLeaf, $this->x[$e], $this->y[$e], $best);
            $best = $other->nearestInLeaf($otherLeaf, $this->toX[$e], $this->toY[$e], $best);
        }
        for ($e = $other->first[$otherLeaf]; $e < $other->first[$otherLeaf + 1]; ++$e) {
            $best = $this->nearestInLeaf($leaf, $other->x[$e], $other->y[$e], $best);
            $best = $this->nearestInLeaf($leaf, $other->toX[$e], $other->toY[$e], $best);
        }

        return $best;
    }
}
