<?php

declare(strict_types=1);

namespace Uvret\Geometry\Measure;

use Uvret\Geometry\Affine;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;

/**
 * Where a shape is thinner than a limit: what opening it with a circle of that diameter takes away, piece by piece. A piece that
 * touches what stays in two places or more holds it together: a neck where it is short, a stroke where it is long. One that touches it
 * in one place is a tail, thin to its end, or only the corner or point of something thick, which no circle fills. One that touches
 * nothing is thin all over: a stroke.
 */
final readonly class ThinPlaces
{
    /** Pieces shorter than this many times the limit are necks, not strokes. */
    private const NECK = 2.5;

    /** Growth of a piece to touch what it hangs on, in µm. */
    private const TOUCH = 12;

    /** Rounding slivers along curves are thinner than this share of the limit. */
    private const SLIVER = 0.03;

    /** Smaller pieces are ignored, as a share of the squared limit. */
    private const NOTHING = 0.02;

    /** Precision of neck widths, in µm. */
    private const FINE = 20;

    /**
     * @param list<Region>                             $strokes
     * @param list<Region>                             $necks
     * @param list<array{region: Region, length: int}> $tails   with the length of their thin part, in µm
     */
    private function __construct(
        public array $strokes,
        public array $necks,
        public array $tails,
    ) {
    }

    /** @param float $sharp ends thin over less than this many times the limit are corners or points */
    public static function of(Region $region, int $limit, float $sharp): self
    {
        $strokes = $necks = $tails = [];
        if ($limit < 10) {
            return new self([], [], []);
        }
        $thick = $region->open(\intdiv($limit, 2));
        $sliver = (int) \ceil(self::SLIVER * $limit / 2);
        $nothing = self::NOTHING * $limit * $limit;
        $corners = new CornerOffcuts($thick, $sharp * $limit);
        $left = $region->subtract($thick)->those(static fn (Region $piece): bool => $piece->area() >= $nothing && !$corners->has($piece));
        foreach ($left->open($sliver)->pieces() as $piece) {
            if ($piece->area() < $nothing) {
                continue;
            }
            $contacts = $piece->offset(self::TOUCH + $sliver)->intersect($thick)->pieces();
            if (1 === \count($contacts)) {
                $length = self::reach($piece, $contacts[0]);
                if ($length > $sharp * $limit) {
                    $tails[] = ['region' => $piece, 'length' => $length];
                }
            } elseif ([] === $contacts || self::length($piece) > self::NECK * $limit) {
                $strokes[] = $piece;
            } else {
                $necks[] = $piece;
            }
        }

        return new self($strokes, $necks, $tails);
    }

    /** @param callable(Region): bool $which */
    public function those(callable $which): self
    {
        return new self(
            \array_values(\array_filter($this->strokes, $which)),
            \array_values(\array_filter($this->necks, $which)),
            \array_values(\array_filter($this->tails, static fn (array $tail): bool => $which($tail['region']))),
        );
    }

    /** The places moved. */
    public function moved(int $right, int $up): self
    {
        $move = Affine::move($right, $up);
        $there = static fn (Region $piece): Region => $piece->transform($move);

        return new self(
            \array_map($there, $this->strokes),
            \array_map($there, $this->necks),
            \array_map(static fn (array $tail): array => ['region' => $there($tail['region']), 'length' => $tail['length']], $this->tails),
        );
    }

    /** The places of several disjoint shapes. */
    public static function together(self ...$places): self
    {
        return new self(
            \array_merge(...\array_map(static fn (self $own): array => $own->strokes, $places)),
            \array_merge(...\array_map(static fn (self $own): array => $own->necks, $places)),
            \array_merge(...\array_map(static fn (self $own): array => $own->tails, $places)),
        );
    }

    /** Largest width of a stroke that may end in a point, in µm. */
    public static function strokeWidth(Region $stroke): int
    {
        return (int) \round(2 * $stroke->inscribedRadius());
    }

    /** The part of a shape near enough to a neck to measure it. */
    public static function round(Region $neck, Region $region, int $limit): Region
    {
        return ($neck->bounds() ?? new Box(0, 0, 0, 0))->grown(2 * $limit)->toRegion()->intersect($region);
    }

    /** Least width of a neck in µm, from its neighbourhood; the limit if it is hardly thinner. */
    public static function neckWidth(Region $neck, Region $round, int $limit): int
    {
        $isNeck = static fn (int $width): bool => [] !== \array_filter(
            self::of($round, $width, \INF)->necks,
            static fn (Region $one): bool => !$one->intersect($neck)->isEmpty(),
        );
        if (!$isNeck($limit - self::FINE)) {
            return $limit;
        }
        [$good, $bad] = [0, $limit - self::FINE];
        while ($bad - $good > self::FINE) {
            $middle = \intdiv($good + $bad, 2);
            $isNeck($middle) ? $bad = $middle : $good = $middle;
        }

        return $good;
    }

    public function isEmpty(): bool
    {
        return !$this->tears() && [] === $this->tails;
    }

    /** Whether there are strokes or necks; tails only need care. */
    public function tears(): bool
    {
        return [] !== $this->strokes || [] !== $this->necks;
    }

    /** Length of a piece from where it is attached, in µm. */
    private static function reach(Region $piece, Region $contact): int
    {
        $farthest = 0.0;
        foreach ($piece->rings() as $ring) {
            foreach (\array_chunk($ring, 2) as [$x, $y]) {
                $nearest = \INF;
                foreach ($contact->rings() as $from) {
                    for ($at = 0, $count = \count($from); $at < $count; $at += 2) {
                        $nearest = \min($nearest, \hypot($from[$at] - $x, $from[$at + 1] - $y));
                    }
                }
                $farthest = \max($farthest, $nearest);
            }
        }

        return (int) \round($farthest);
    }

    private static function length(Region $piece): float
    {
        $box = $piece->bounds() ?? new Box(0, 0, 0, 0);

        return \hypot($box->width(), $box->height());
    }
}
