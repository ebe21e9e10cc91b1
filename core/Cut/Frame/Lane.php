<?php

declare(strict_types=1);

namespace Uvret\Cut\Frame;

use Uvret\Geometry\Region;

/** A straight ink-free strip along which a relief cut can run. Lengths in µm. */
final readonly class Lane
{
    /** Directions of cuts, in degrees. */
    public const DIRECTIONS = [0, 90, 15, 165, 30, 150, 45, 135, 60, 120, 75, 105];

    /** Longer than any film. */
    private const FAR = 30_000_000;

    /**
     * @param float $across position across its direction
     * @param float $width  free of ink
     */
    public function __construct(
        public int $direction,
        public float $across,
        public float $width,
    ) {
    }

    /**
     * Lanes along one direction.
     *
     * @param non-empty-list<Extents> $things
     * @param int                     $narrowest least width
     *
     * @return list<self>
     */
    public static function between(array $things, int $direction, int $narrowest): array
    {
        $rows = \array_map(static fn (Extents $thing): array => $thing->across[$direction], $things);
        \sort($rows);
        $reached = $rows[0][1];
        $lanes = [];
        foreach ($rows as [$from, $to]) {
            if ($from - $reached >= $narrowest) {
                $lanes[] = new self($direction, ($reached + $from) / 2, $from - $reached);
            }
            $reached = \max($reached, $to);
        }

        return $lanes;
    }

    /**
     * The cut inside a cell.
     *
     * @return list<list<int>> flat lists x0, y0, x1, y1
     */
    public function lines(Region $cell): array
    {
        [$ux, $uy] = $this->unit();
        [$x, $y] = [-$this->across * $uy, $this->across * $ux];

        return $cell->clipLines([[
            (int) \round($x - self::FAR * $ux),
            (int) \round($y - self::FAR * $uy),
            (int) \round($x + self::FAR * $ux),
            (int) \round($y + self::FAR * $uy),
        ]]);
    }

    /** The part of a cell on one side. */
    public function side(Region $cell, bool $above): Region
    {
        $box = $cell->bounds();
        if (null === $box) {
            return $cell;
        }
        $reach = 2.0 * ($box->width() + $box->height());
        [$ux, $uy] = $this->unit();
        $along = ($box->left + $box->right) / 2 * $ux + ($box->bottom + $box->top) / 2 * $uy;
        $ring = [];
        foreach ([[-$reach, 0.0], [$reach, 0.0], [$reach, $reach], [-$reach, $reach]] as [$on, $off]) {
            $off = $this->across + ($above ? $off : $off - $reach);
            \array_push($ring, (int) \round(($along + $on) * $ux - $off * $uy), (int) \round(($along + $on) * $uy + $off * $ux));
        }

        return $cell->intersect(Region::fromRings([$ring]));
    }

    /** @return array{float, float} */
    private function unit(): array
    {
        return [\cos(\deg2rad($this->direction)), \sin(\deg2rad($this->direction))];
    }
}
