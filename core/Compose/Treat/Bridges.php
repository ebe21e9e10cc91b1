<?php

declare(strict_types=1);

namespace Uvret\Compose\Treat;

use Uvret\Geometry\Box;
use Uvret\Geometry\Region;

/**
 * Stencil bridges: bars across the strokes around a hole, one above and one below, that hold its island. No bars where they would remove
 * most of a small letter.
 */
final readonly class Bridges
{
    /** Maximum bar width as a share of the hole's width, so that the letter stays recognisable. */
    private const SHARE = 0.6;

    /**
     * @param Region       $cut   the cut-out between the bridges
     * @param list<Region> $small holes too small for bridges
     */
    private function __construct(
        public Region $cut,
        public array $small,
        private int $width,
    ) {
    }

    /** @param int $width of a bar, in µm */
    public static function across(Region $shape, int $width): self
    {
        $bars = [];
        foreach ($shape->pieces() as $piece) {
            foreach ($piece->holes() as $hole) {
                $own = self::bars($piece, $hole, $width);
                if (self::fit($piece, $hole, $own, $width)) {
                    \array_push($bars, ...$own);
                }
            }
        }
        $cut = [] === $bars ? $shape : $shape->subtract(Region::fromRings($bars));

        // A bar may extend into a hole without bridges of its own.
        return new self($cut, $cut->holes(), $width);
    }

    /** Scale factor at which every hole would get its bridges. */
    public function larger(): float
    {
        return \max(1.0, ...\array_map(fn (Region $hole): float => $this->width / self::SHARE / \max(1, self::box($hole)->width()), $this->small));
    }

    /**
     * Bars from the centre of a hole across the nearest stroke, up and down.
     *
     * @return list<list<int>>
     */
    private static function bars(Region $piece, Region $hole, int $width): array
    {
        [$box, $bounds] = [self::box($hole), self::box($piece)];
        $x = \intdiv($box->left + $box->right, 2);
        $y = \intdiv($box->bottom + $box->top, 2);
        $half = \intdiv($width, 2);
        $bars = [];
        foreach ([$bounds->top + $width, $bounds->bottom - $width] as $end) {
            $stroke = $piece->clipLines([[$x, $y, $x, $end]])[0] ?? null;
            if (null !== $stroke) {
                $out = $stroke[\count($stroke) - 1] + ($end > $y ? $width : -$width);
                $bars[] = [$x - $half, \min($y, $out), $x + $half, \min($y, $out), $x + $half, \max($y, $out), $x - $half, \max($y, $out)];
            }
        }

        return $bars;
    }

    /**
     * Whether bars leave enough of the strokes on either side, and no crumbs.
     *
     * @param list<list<int>> $bars
     */
    private static function fit(Region $piece, Region $hole, array $bars, int $width): bool
    {
        if ([] === $bars || $width > self::SHARE * self::box($hole)->width()) {
            return false;
        }
        foreach ($piece->subtract(Region::fromRings($bars))->pieces() as $rest) {
            if ($rest->area() < $width * $width) {
                return false;
            }
        }

        return true;
    }

    private static function box(Region $region): Box
    {
        return $region->bounds() ?? new Box(0, 0, 0, 0);
    }
}
