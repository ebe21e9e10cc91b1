<?php

declare(strict_types=1);

namespace Uvret\Cut\Frame;

use Uvret\Geometry\Region;

/**
 * Relief cuts: straight edge-to-edge lines that split the waste into strips. Cuts the widest lane between words (or forms, motifs) over
 * several directions, then each side recursively (guillotine partition); finally cuts large open areas off the ink.
 */
final class Relief
{
    /** Minimum distance from ink, in µm. */
    private const NEAR = 2_000;

    /** Horizontal and vertical lanes are preferred by this factor. */
    private const ASLANT = 1.3;

    /** Maximum recursion depth. */
    private const DEEP = 12;

    /** Open areas deeper than this are cut off, in µm. */
    private const OPEN = 50_000;

    /** Distance of those cuts from the ink, in µm. */
    private const BESIDE = 6_000;

    /** @var list<list<int>> */
    private array $cuts = [];

    private function __construct(private readonly Region $marks)
    {
    }

    /**
     * @param Region                       $frame the area inside the frames
     * @param list<non-empty-list<Region>> $words pieces of ink weeded together
     *
     * @return list<list<int>> flat lists x0, y0, x1, y1 in µm
     */
    public static function cuts(Region $frame, array $words, Region $marks): array
    {
        $relief = new self($marks->offset(self::NEAR));
        foreach ($frame->pieces() as $cell) {
            $own = \array_filter($words, static fn (array $word): bool => $cell->contains(...\array_slice($word[0]->rings()[0], 0, 2)));
            if ([] !== $own) {
                $relief->part($cell, \array_values(\array_map(Extents::of(...), $own)), self::DEEP);
            }
        }

        return $relief->cuts;
    }

    /**
     * @param Region                  $cell  part of the frame not split yet
     * @param non-empty-list<Extents> $words in it
     */
    private function part(Region $cell, array $words, int $left): void
    {
        $lane = $left > 0 ? $this->widest($cell, $words) ?? $this->beside($cell, $words) : null;
        if (null === $lane) {
            return;
        }
        \array_push($this->cuts, ...$lane->lines($cell));
        foreach ([true, false] as $above) {
            $own = \array_values(\array_filter($words, static fn (Extents $word): bool => $word->across[$lane->direction][0] > $lane->across === $above));
            if ([] !== $own) {
                $this->part($lane->side($cell, $above), $own, $left - 1);
            }
        }
    }

    /** @param non-empty-list<Extents> $words */
    private function widest(Region $cell, array $words): ?Lane
    {
        $lanes = [];
        foreach (1 === \count($words) ? [] : Lane::DIRECTIONS as $direction) {
            \array_push($lanes, ...Lane::between($words, $direction, 2 * self::NEAR));
        }

        return $this->first($cell, $lanes, static fn (Lane $lane): float => 0 === $lane->direction % 90 ? self::ASLANT * $lane->width : $lane->width);
    }

    /**
     * A lane that separates all ink from an open area.
     *
     * @param non-empty-list<Extents> $words
     */
    private function beside(Region $cell, array $words): ?Lane
    {
        [$ink, $whole] = [Extents::joined($words)->across, Extents::of([$cell])->across];
        $lanes = [];
        foreach ([0, 90] as $direction) {
            [$from, $to, $first, $last] = [...$ink[$direction], ...$whole[$direction]];
            if ($from - $first > self::OPEN) {
                $lanes[] = new Lane($direction, $from - self::BESIDE, $from - $first);
            }
            if ($last - $to > self::OPEN) {
                $lanes[] = new Lane($direction, $to + self::BESIDE, $last - $to);
            }
        }

        return $this->first($cell, $lanes, static fn (Lane $lane): float => $lane->width);
    }

    /**
     * The most valuable lane that avoids the registration marks.
     *
     * @param list<Lane>            $lanes
     * @param \Closure(Lane): float $worth
     */
    private function first(Region $cell, array $lanes, \Closure $worth): ?Lane
    {
        \usort($lanes, static fn (Lane $a, Lane $b): int => $worth($b) <=> $worth($a));
        foreach ($lanes as $lane) {
            if ([] === $this->marks->clipLines($lane->lines($cell))) {
                return $lane;
            }
        }

        return null;
    }
}
