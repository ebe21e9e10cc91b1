<?php

declare(strict_types=1);

namespace Uvret\Geometry\Measure;

use Uvret\Geometry\Box;
use Uvret\Geometry\Region;

/**
 * Where a shape is thinner than a limit: what opening it with a circle of that diameter takes away. A piece that touches the rest at
 * two places or more carries something (a neck where it is short, a stroke where it is long); one that touches it once is the end of
 * a stroke, or only a corner that no circle fills.
 */
final readonly class ThinPlaces
{
    /** What is shorter than so many times the limit is a neck between what it joins, no stroke. */
    private const NECK = 2.5;

    /** How far a piece is grown to meet what it hangs on, in µm. */
    private const TOUCH = 12;

    /** How finely a neck is measured, in µm. */
    private const FINE = 20;

    /**
     * @param list<Region> $strokes
     * @param list<Region> $necks
     */
    private function __construct(
        public array $strokes,
        public array $necks,
    ) {
    }

    /** @param float $sharp what is shorter than so many times the limit and touches the rest once is a corner */
    public static function of(Region $region, int $limit, float $sharp): self
    {
        $strokes = $necks = [];
        if ($limit < 10) {
            return new self([], []);
        }
        $thick = $region->open(\intdiv($limit, 2));
        $pieces = \array_filter($region->subtract($thick)->pieces(), static fn (Region $piece): bool => $piece->area() > 0.02 * $limit * $limit);
        $short = [];
        foreach ($pieces as $piece) {
            $length = self::length($piece);
            if ($length > self::NECK * $limit) {
                if ($length > $sharp * $limit && self::isStroke($piece, $limit)) {
                    $strokes[] = $piece;
                }
            } else {
                $short[] = $piece;
            }
        }
        $necks = self::joining($short, $thick, $limit);
        foreach ($short as $piece) {
            if (!\in_array($piece, $necks, true) && self::length($piece) > $sharp * $limit && self::isStroke($piece, $limit)) {
                $strokes[] = $piece;
            }
        }

        return new self($strokes, $necks);
    }

    /** @param callable(Region): bool $which */
    public function those(callable $which): self
    {
        return new self(\array_values(\array_filter($this->strokes, $which)), \array_values(\array_filter($this->necks, $which)));
    }

    /** How thick the thinnest place is, in µm: a neck at its narrowest, a stroke, which may end in a point, at its broadest. */
    public function thinnest(Region $region, int $limit): int
    {
        $widths = [$limit];
        foreach ($this->strokes as $stroke) {
            $widths[] = (int) \round(2 * $stroke->inscribedRadius());
        }
        foreach ($this->necks as $neck) {
            $near = ($neck->bounds() ?? new Box(0, 0, 0, 0))->grown(2 * $limit)->toRegion()->intersect($region);
            [$good, $bad] = [0, $limit];
            while ($bad - $good > self::FINE) {
                $middle = \intdiv($good + $bad, 2);
                $necks = self::of($near, $middle, \INF)->necks;
                [] === \array_filter($necks, static fn (Region $one): bool => !$one->intersect($neck)->isEmpty()) ? $good = $middle : $bad = $middle;
            }
            $widths[] = $good;
        }

        return \min($widths);
    }

    public function isEmpty(): bool
    {
        return [] === $this->strokes && [] === $this->necks;
    }

    /**
     * Those of some pieces without which the thick parts round them would hang together no more.
     *
     * @param list<Region> $pieces
     *
     * @return list<Region>
     */
    private static function joining(array $pieces, Region $thick, int $limit): array
    {
        $parts = $thick->pieces();

        return \array_values(\array_filter($pieces, static function (Region $piece) use ($parts, $limit): bool {
            $box = $piece->bounds() ?? new Box(0, 0, 0, 0);
            $grown = $piece->offset(self::TOUCH);
            $round = $box->grown($limit);
            $joined = 0;
            foreach ($parts as $part) {
                if (true === $part->bounds()?->overlaps($round)) {
                    $near = $part->intersect($round->toRegion())->pieces();
                    $joined += \count(\array_filter($near, static fn (Region $one): bool => !$one->intersect($grown)->isEmpty()));
                }
            }

            return $joined > 1;
        }));
    }

    /** Whether it is more than the rounding off of a long corner. */
    private static function isStroke(Region $piece, int $limit): bool
    {
        return $piece->area() > 0.25 * $limit * $limit;
    }

    private static function length(Region $piece): float
    {
        $box = $piece->bounds() ?? new Box(0, 0, 0, 0);

        return \hypot($box->width(), $box->height());
    }
}
