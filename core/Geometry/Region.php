<?php

declare(strict_types=1);

namespace Uvret\Geometry;

use Uvret\Geometry\Overlay\Combining;
use Uvret\Geometry\Overlay\Overlay;
use Uvret\Geometry\Overlay\RegionRings;
use Uvret\Geometry\Overlay\Rings;
use Uvret\Geometry\Overlay\Rule;
use Uvret\Geometry\Overlay\Tracing;

/**
 * A set of points of the plane with straight edges on the whole-micrometre grid; y points up.
 *
 * Always valid: rings neither cross nor overlap and touch in single points only; outer rings run
 * anticlockwise, holes clockwise, each hole behind the outer ring it lies in; no ring has a spike,
 * a repeated point or a point on a straight line. The rings of equal sets are equal lists.
 */
final readonly class Region
{
    private const LONG_RING = 600;

    /**
     * @param list<list<int>> $rings
     * @param list<int>       $outer for each ring the number of the outer ring it belongs to
     * @param bool            $apart whether it is known that no two rings touch
     */
    private function __construct(
        private array $rings,
        private array $outer,
        private bool $apart = false,
    ) {
    }

    /**
     * @param array<array<mixed>> $rings flat lists x0, y0, x1, y1, … in whole µm, not closed; they may cross,
     *                                   overlap and repeat points; rings without an area come to nothing
     *
     * @throws GeometryException for odd lists, numbers that are not whole, or more than 2^30 µm from the origin
     */
    public static function fromRings(array $rings, FillRule $rule = FillRule::NonZero): self
    {
        $input = new Rings();
        $input->addLoose($rings, 0);

        return self::overlay($input, match ($rule) {
            FillRule::NonZero => Rule::NonZero,
            FillRule::EvenOdd => Rule::EvenOdd,
            FillRule::Positive => Rule::Positive,
        });
    }

    public static function empty(): self
    {
        return new self([], []);
    }

    /** All points of any of the regions; any number of them is one overlay. */
    public function union(self ...$others): self
    {
        $filled = \array_values(\array_filter([$this, ...$others], static fn (self $region): bool => !$region->isEmpty()));
        if (\count($filled) < 2) {
            return $filled[0] ?? $this;
        }

        return self::of(Combining::union(\array_map(static fn (self $region): RegionRings => $region->valid(), $filled)));
    }

    /** The points of both regions. */
    public function intersect(self $other): self
    {
        return $this->with([$other], Rule::Both);
    }

    /** The points of this region outside all of the others. */
    public function subtract(self ...$others): self
    {
        return $this->with($others, Rule::OnlyFirst);
    }

    /**
     * Intersection and difference at once, faster than one after the other.
     *
     * @return array{self, self}
     */
    public function parted(self $other): array
    {
        [$common, $rest] = Combining::parted($this->valid(), $other->valid());

        return [self::of($common), self::of($rest)];
    }

    /** The points of exactly one of the two regions. */
    public function exclusive(self $other): self
    {
        return $this->with([$other], Rule::OneOf);
    }

    /**
     * Everything within the distance of the region; with a negative distance, everything of it that
     * lies farther than that from its edge.
     *
     * @param int $distance in µm
     *
     * @throws GeometryException when the result would leave the grid
     */
    public function offset(int $distance, Corner $corner = Corner::Round): self
    {
        if (0 === $distance || $this->isEmpty()) {
            return $this;
        }
        if ($distance > 0) {
            $reach = (int) \ceil(Corner::Mitre === $corner ? Offset\Join::MITRE_LIMIT * $distance : 1.5 * $distance);
            $this->assertRoom($reach, $reach);

            return self::traced(Offset\Offsetting::outward($this->ringsWithoutHolesUpTo(2 * $distance), $distance, $corner));
        }

        return self::traced(Offset\Offsetting::inward($this->ringsWiderThan(-2 * $distance), -$distance, $corner));
    }

    /** Gaps and notches narrower than twice the distance are filled: outward, then inward. */
    public function close(int $distance): self
    {
        return $this->offset($distance)->offset(-$distance);
    }

    /** Necks and spurs narrower than twice the distance are taken away: inward, then outward. */
    public function open(int $distance): self
    {
        return $this->offset(-$distance)->offset($distance);
    }

    /**
     * Everything that the region passes over on its way by (dx, dy), in µm: the Minkowski sum with the
     * segment from (0, 0) to (dx, dy).
     *
     * @throws GeometryException when the result would leave the grid
     */
    public function sweep(int $dx, int $dy): self
    {
        if ((0 === $dx && 0 === $dy) || $this->isEmpty()) {
            return $this;
        }
        $this->assertRoom(\abs($dx), \abs($dy));

        return self::traced(Offset\Offsetting::sweep($this->rings, $dx, $dy));
    }

    /** The image under a map, rounded to the grid. */
    public function transform(Affine $map): self
    {
        if ($this->isEmpty()) {
            return $this;
        }
        if ($map->isWholeMove()) {
            return new self($this->shifted((int) $map->e, (int) $map->f), $this->outer, $this->apart);
        }
        if ($map->isWholeMirror()) {
            return self::of(Mirror::of($this->valid()))->transform(Affine::move($map->e, $map->f));
        }
        $rings = [];
        foreach ($this->rings as $ring) {
            $rings[] = $map->line($ring);
        }
        $input = new Rings();
        $input->addLoose($rings, 0);

        return self::overlay($input, $map->determinant() < 0 ? Rule::Negative : Rule::Positive);
    }

    /**
     * @return list<list<int>> flat lists x0, y0, x1, y1, … in µm, not closed; outer rings anticlockwise,
     *                         each followed by its holes, clockwise
     */
    public function rings(): array
    {
        return $this->rings;
    }

    /** @return list<self> connected pieces: each an outer ring with its holes */
    public function pieces(): array
    {
        return \array_map(fn (array $piece): self => new self($piece, \array_fill(0, \count($piece), 0), $this->apart), $this->valid()->pieces());
    }

    /**
     * The pieces that pass a test.
     *
     * @param callable(self, int): bool $which piece, and its number in pieces()
     */
    public function those(callable $which): self
    {
        $rings = $outer = [];
        foreach (\array_filter($this->pieces(), $which, \ARRAY_FILTER_USE_BOTH) as $piece) {
            $first = \count($rings);
            \array_push($rings, ...$piece->rings);
            \array_push($outer, ...\array_fill(0, \count($piece->rings), $first));
        }

        return new self($rings, $outer, $this->apart);
    }

    /** @return list<self> its holes as regions */
    public function holes(): array
    {
        $holes = [];
        foreach ($this->rings as $ring) {
            if (Measure\RingMeasure::area($ring) < 0) {
                // Holes run clockwise; reversed they are shapes.
                $holes[] = self::fromRings([\array_merge(...\array_reverse(\array_chunk($ring, 2)))]);
            }
        }

        return $holes;
    }

    /** In µm². */
    public function area(): float
    {
        $area = 0.0;
        foreach ($this->rings as $ring) {
            $area += Measure\RingMeasure::area($ring);
        }

        return $area;
    }

    /** The length of all rings, in µm. */
    public function perimeter(): float
    {
        $length = 0.0;
        foreach ($this->rings as $ring) {
            $length += Measure\RingMeasure::length($ring);
        }

        return $length;
    }

    /** The least box around the region; null for the empty one. */
    public function bounds(): ?Box
    {
        $box = null;
        foreach ($this->rings as $number => $ring) {
            if ($this->outer[$number] === $number) {
                $next = Measure\RingMeasure::box($ring);
                $box = $box?->joined($next) ?? $next;
            }
        }

        return $box;
    }

    /** Whether two regions have the same rings. */
    public function digest(): string
    {
        return \hash('xxh128', \implode(';', \array_map(static fn (array $ring): string => \pack('q*', ...$ring), $this->rings)));
    }

    public function isEmpty(): bool
    {
        return [] === $this->rings;
    }

    public function vertexCount(): int
    {
        return \intdiv(\array_sum(\array_map('count', $this->rings)), 2);
    }

    /** Whether the point lies in the region or on its edge. */
    public function contains(int $x, int $y): bool
    {
        return Measure\Inside::holds($this->rings, $x, $y);
    }

    /** Whether they have an area in common. */
    public function overlaps(self $other): bool
    {
        [$box, $otherBox] = [$this->bounds(), $other->bounds()];

        return null !== $box && null !== $otherBox && $box->overlaps($otherBox) && !$this->intersect($other)->isEmpty();
    }

    /** The least distance to another region, in µm: 0 if they touch or overlap, infinite if one is empty. */
    public function distanceTo(self $other): float
    {
        $box = $this->bounds();
        $otherBox = $other->bounds();
        if (null === $box || null === $otherBox) {
            return \INF;
        }
        if ($box->overlaps($otherBox) && !$this->intersect($other)->isEmpty()) {
            return 0.0;
        }

        return Measure\BoxTree::of($this->rings)->distanceTo(Measure\BoxTree::of($other->rings));
    }

    /** The radius of the largest circle that the region holds, to 10 µm; 0 for the empty region. */
    public function inscribedRadius(): float
    {
        return Measure\LargestCircle::radius($this);
    }

    /**
     * The parts of open lines that lie in the region or on its edge.
     *
     * @param list<list<int>> $lines flat lists x0, y0, x1, y1, … in µm
     *
     * @return list<list<int>> in the order and direction of the lines
     */
    public function clipLines(array $lines): array
    {
        return \array_merge(...\array_map(fn (array $line): array => Measure\LineClip::inside($line, $this->rings), $lines));
    }

    /** @param array<self> $others */
    private function with(array $others, Rule $rule): self
    {
        return [] === $others
            ? $this
            : self::of(Combining::of($this->valid(), \array_map(static fn (self $other): RegionRings => $other->valid(), \array_values($others)), $rule));
    }

    private function valid(): RegionRings
    {
        return new RegionRings($this->rings, $this->outer, $this->apart);
    }

    private static function of(RegionRings $valid): self
    {
        return new self($valid->rings, $valid->outer, $valid->apart);
    }

    private static function overlay(Rings $input, Rule $rule): self
    {
        return self::traced(Overlay::of($input, $rule));
    }

    private static function traced(Tracing $traced): self
    {
        return new self($traced->rings, $traced->outer, $traced->apart);
    }

    /** @throws GeometryException when growing by these amounts could leave the grid */
    private function assertRoom(int $dx, int $dy): void
    {
        $box = $this->bounds();
        if (null !== $box) {
            Grid::round((float) \max(\abs($box->left - $dx), \abs($box->right + $dx), \abs($box->bottom - $dy), \abs($box->top + $dy)));
        }
    }

    /**
     * The rings but for holes that are no wider or no higher than a length: no point of such a hole is
     * farther than half of the length from the region.
     *
     * @return list<list<int>>
     */
    private function ringsWithoutHolesUpTo(int $length): array
    {
        $rings = [];
        foreach ($this->rings as $number => $ring) {
            if ($this->outer[$number] !== $number) {
                $box = Measure\RingMeasure::box($ring);
                if ($box->width() <= $length || $box->height() <= $length) {
                    continue;
                }
            }
            $rings[] = $ring;
        }

        return $rings;
    }

    /**
     * The rings of the pieces that are wider and higher than a length: narrower ones have no point
     * farther than half of it from their edge.
     *
     * @return list<list<int>>
     */
    private function ringsWiderThan(int $length): array
    {
        $wide = [];
        $rings = [];
        foreach ($this->rings as $number => $ring) {
            $outer = $this->outer[$number];
            if ($outer === $number) {
                // Long rings are rarely narrow; checking would cost more than it saves.
                $wide[$number] = \count($ring) > self::LONG_RING || \min(($box = Measure\RingMeasure::box($ring))->width(), $box->height()) > $length;
            }
            if ($wide[$outer]) {
                $rings[] = $ring;
            }
        }

        return $rings;
    }

    /** @return list<list<int>> */
    private function shifted(int $dx, int $dy): array
    {
        $box = $this->bounds();
        foreach ([$box?->left + $dx, $box?->right + $dx, $box?->bottom + $dy, $box?->top + $dy] as $edge) {
            Grid::round((float) $edge);
        }
        $rings = [];
        foreach ($this->rings as $ring) {
            $count = \count($ring);
            for ($i = 0; $i < $count; $i += 2) {
                $ring[$i] += $dx;
                $ring[$i + 1] += $dy;
            }
            $rings[] = \array_values($ring);
        }

        return $rings;
    }
}
