<?php

declare(strict_types=1);

namespace Uvret\Geometry\Measure;

use Uvret\Geometry\Region;

/**
 * Finds the pieces that an opening took off corners: they are attached to the rest by one stretch of their
 * outline, and short.
 */
final readonly class CornerOffcuts
{
    /** The cosine of the angle from which on an arc is two. */
    private const SHARP = 0.87;

    /** @var array<int, array<int, true>> the corners that come before each on the outlines of what stayed */
    private array $before;

    /** @param float $reach maximum length of a corner piece, in µm */
    public function __construct(
        Region $stayed,
        private float $reach,
    ) {
        $before = [];
        foreach ($stayed->rings() as $ring) {
            $count = \count($ring);
            $last = self::key($ring[$count - 2], $ring[$count - 1]);
            for ($i = 0; $i < $count; $i += 2) {
                $key = self::key($ring[$i], $ring[$i + 1]);
                $before[$key][$last] = true;
                $last = $key;
            }
        }
        $this->before = $before;
    }

    public function has(Region $piece): bool
    {
        $box = $piece->bounds();
        $rings = $piece->rings();

        return null !== $box && 1 === \count($rings) && \hypot($box->width(), $box->height()) <= $this->reach && 1 === $this->stretches($rings[0]);
    }

    /**
     * On how many stretches the outline runs along what stayed, which lies on its other side and so is run round the other way. Where two
     * arcs meet at a point, the shape's outline touches there from the other side: these are two.
     *
     * @param list<int> $ring
     */
    private function stretches(array $ring): int
    {
        $count = \count($ring);
        [$ax, $ay, $bx, $by] = [$ring[$count - 4], $ring[$count - 3], $ring[$count - 2], $ring[$count - 1]];
        $was = isset($this->before[self::key($ax, $ay)][self::key($bx, $by)]);
        $stretches = 0;
        for ($i = 0; $i < $count; $i += 2) {
            [$x, $y] = [$ring[$i], $ring[$i + 1]];
            $is = isset($this->before[self::key($bx, $by)][self::key($x, $y)]);
            $stretches += $is && (!$was || self::turnsSharply($bx - $ax, $by - $ay, $x - $bx, $y - $by)) ? 1 : 0;
            [$ax, $ay, $bx, $by, $was] = [$bx, $by, $x, $y, $is];
        }

        return $stretches;
    }

    private static function turnsSharply(int $ux, int $uy, int $vx, int $vy): bool
    {
        return $ux * $vx + $uy * $vy < self::SHARP * \hypot($ux, $uy) * \hypot($vx, $vy);
    }

    private static function key(int $x, int $y): int
    {
        return ($x << 32) ^ ($y & 0xFFFFFFFF);
    }
}
