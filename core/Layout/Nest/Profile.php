<?php

declare(strict_types=1);

namespace Uvret\Layout\Nest;

use Uvret\Geometry\Region;

/** A shape's edges by columns, for vertical distances to other shapes. Coordinates and lengths in µm. */
final readonly class Profile
{
    private const COLUMN = 1_500;

    /** Margin between a corner and a slanted edge, against rounding. */
    private const HAIR = 2;

    /**
     * @param list<int>                 $corners flat: x, y, x, y, …
     * @param array<int, list<int>>     $edges   by column, flat: left, its y, right, its y, …; none that is vertical
     * @param array{int, int, int, int} $box     left, bottom, right, top
     */
    private function __construct(
        private array $corners,
        private array $edges,
        public array $box,
    ) {
    }

    public static function of(Region $shape): self
    {
        $corners = $edges = [];
        foreach ($shape->rings() as $ring) {
            $count = \count($ring);
            [$x, $y] = [$ring[$count - 2], $ring[$count - 1]];
            for ($i = 0; $i < $count; $i += 2) {
                [$toX, $toY] = [$ring[$i], $ring[$i + 1]];
                $corners[] = $toX;
                $corners[] = $toY;
                if ($x !== $toX) {
                    [$left, $low, $right, $high] = $x < $toX ? [$x, $y, $toX, $toY] : [$toX, $toY, $x, $y];
                    for ($column = self::column($left), $last = self::column($right); $column <= $last; ++$column) {
                        $edges[$column] ??= [];
                        \array_push($edges[$column], $left, $low, $right, $high);
                    }
                }
                [$x, $y] = [$toX, $toY];
            }
        }
        $box = $shape->bounds() ?? throw new \LogicException('A frame has an area.');

        return new self($corners, $edges, [$box->left, $box->bottom, $box->right, $box->top]);
    }

    private static function column(int $x): int
    {
        return (int) \floor($x / self::COLUMN);
    }

    /**
     * Distance this shape can move down until it meets another below; INF if they never meet.
     *
     * @param int $across offset of the other to the right
     * @param int $along  offset of the other upwards
     */
    public function above(self $other, int $across, int $along): float
    {
        return \min($this->over($other, $across, $along, 1), $other->over($this, -$across, -$along, -1));
    }

    /**
     * The least distance of these corners to the other's edges.
     *
     * @param int $side 1: of edges beneath the corners, -1: of edges above them
     */
    private function over(self $other, int $across, int $along, int $side): float
    {
        $least = \INF;
        [$left, , $right] = $other->box;
        $edges = $other->edges;
        for ($i = 0, $count = \count($this->corners); $i < $count; $i += 2) {
            $x = $this->corners[$i] - $across;
            if ($x < $left || $x > $right) {
                continue;
            }
            $y = $this->corners[$i + 1] - $along;
            $column = $edges[(int) \floor($x / self::COLUMN)] ?? [];
            for ($e = 0, $ends = \count($column); $e < $ends; $e += 4) {
                if ($x < $column[$e] || $x > $column[$e + 2]) {
                    continue;
                }
                $edge = $column[$e + 1] + ($column[$e + 3] - $column[$e + 1]) * ($x - $column[$e]) / ($column[$e + 2] - $column[$e]);
                $far = $side * ($y - $edge);
                // Edges on the other side do not count.
                if ($far >= -1.0) {
                    $least = \min($least, $far - ($column[$e + 1] === $column[$e + 3] ? 0 : self::HAIR));
                }
            }
        }

        return $least;
    }
}
