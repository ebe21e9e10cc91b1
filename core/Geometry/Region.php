<?php

declare(strict_types=1);

namespace Uvret\Geometry;

use Uvret\Geometry\Overlay\Overlay;
use Uvret\Geometry\Overlay\Rings;
use Uvret\Geometry\Overlay\Rule;

/**
 * A set of points of the plane with straight edges on the whole-micrometre grid; y points up.
 *
 * Always valid: rings neither cross nor overlap and touch in single points only; outer rings run
 * anticlockwise, holes clockwise, each hole behind the outer ring it lies in; no ring has a spike,
 * a repeated point or a point on a straight line. The rings of equal sets are equal lists.
 */
final readonly class Region
{
    /**
     * @param list<list<int>> $rings
     * @param list<int>       $outer for each ring the number of the outer ring it belongs to
     */
    private function __construct(
        private array $rings,
        private array $outer,
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
        $filled = array_values(array_filter([$this, ...$others], static fn (self $region): bool => !$region->isEmpty()));
        if (\count($filled) < 2) {
            return $filled[0] ?? $this;
        }
        $input = new Rings();
        foreach ($filled as $region) {
            $input->addValid($region->rings, 0);
        }

        return self::overlay($input, Rule::Positive);
    }

    /** The points of both regions. */
    public function intersect(self $other): self
    {
        return $this->with([$other], Rule::Both);
    }

    /** The points of this region that lie in none of the others. */
    public function subtract(self ...$others): self
    {
        return $this->with($others, Rule::OnlyFirst);
    }

    /** The points of exactly one of the two regions. */
    public function exclusive(self $other): self
    {
        return $this->with([$other], Rule::OneOf);
    }

    /** The image under a map, rounded to the grid. */
    public function transform(Affine $map): self
    {
        if ($this->isEmpty()) {
            return $this;
        }
        if ($map->isWholeMove()) {
            return new self($this->shifted((int) $map->e, (int) $map->f), $this->outer);
        }
        $rings = [];
        foreach ($this->rings as $ring) {
            $image = [];
            $count = \count($ring);
            for ($i = 0; $i < $count; $i += 2) {
                $image[] = Grid::round($map->a * $ring[$i] + $map->c * $ring[$i + 1] + $map->e);
                $image[] = Grid::round($map->b * $ring[$i] + $map->d * $ring[$i + 1] + $map->f);
            }
            $rings[] = $image;
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

    /** @return list<self> the pieces that fall apart: one outer ring with its holes each */
    public function pieces(): array
    {
        $rings = [];
        foreach ($this->outer as $ring => $outer) {
            $rings[$outer][] = $this->rings[$ring];
        }

        return array_values(array_map(static fn (array $piece): self => new self($piece, array_fill(0, \count($piece), 0)), $rings));
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

    public function isEmpty(): bool
    {
        return [] === $this->rings;
    }

    public function vertexCount(): int
    {
        return intdiv(array_sum(array_map('count', $this->rings)), 2);
    }

    /** Whether the point lies in the region or on its edge. */
    public function contains(int $x, int $y): bool
    {
        return Measure\Inside::holds($this->rings, $x, $y);
    }

    /** @param array<self> $others */
    private function with(array $others, Rule $rule): self
    {
        $input = new Rings();
        $input->addValid($this->rings, 0);
        foreach ($others as $other) {
            $input->addValid($other->rings, 1);
        }

        return self::overlay($input, $rule);
    }

    private static function overlay(Rings $input, Rule $rule): self
    {
        $traced = Overlay::of($input, $rule);

        return new self($traced->rings, $traced->outer);
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
            $rings[] = array_values($ring);
        }

        return $rings;
    }
}
