<?php

declare(strict_types=1);

namespace Uvret\Geometry\Overlay;

use Uvret\Geometry\Measure\RingMeasure;

/** Rings of a valid region, as operand and result of overlays. */
final readonly class RegionRings
{
    /**
     * @param list<list<int>> $rings
     * @param list<int>       $outer for each ring the number of the outer ring it belongs to
     * @param bool            $apart whether it is known that no two rings touch
     */
    public function __construct(
        public array $rings,
        public array $outer,
        public bool $apart,
    ) {
    }

    public static function traced(Tracing $traced): self
    {
        return new self($traced->rings, $traced->outer, $traced->apart);
    }

    /**
     * Pieces that do not overlap, in the order that regions have.
     *
     * @param list<list<list<int>>> $pieces
     */
    public static function gathered(array $pieces, bool $apart): self
    {
        \usort($pieces, static fn (array $p, array $q): int => RingMeasure::order($p[0], $q[0]));
        $outer = [];
        foreach ($pieces as $rings) {
            $number = \count($outer);
            \array_push($outer, ...\array_fill(0, \count($rings), $number));
        }

        return new self(\array_merge(...$pieces), $outer, $apart);
    }

    /** @return list<list<list<int>>> the rings of each piece, the outer one first */
    public function pieces(): array
    {
        $pieces = [];
        foreach ($this->outer as $ring => $outer) {
            $pieces[$outer][] = $this->rings[$ring];
        }

        return \array_values($pieces);
    }

    public function isEmpty(): bool
    {
        return [] === $this->rings;
    }
}
