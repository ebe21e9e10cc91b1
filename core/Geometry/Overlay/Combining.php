<?php

declare(strict_types=1);

namespace Uvret\Geometry\Overlay;

use Uvret\Geometry\Box;
use Uvret\Geometry\Measure\RingMeasure;

/** Combines regions; only pieces near each other are overlaid, the others are kept or dropped whole. */
final class Combining
{
    /** Up to this many regions, boxes are compared pairwise. */
    private const FEW = 60;

    /** Pieces with boxes farther apart are independent, in µm. */
    private const APART = 2;

    /**
     * @param list<RegionRings> $operands two at least, none of them empty
     */
    public static function union(array $operands): RegionRings
    {
        if (2 === \count($operands)) {
            return self::pair($operands[0], $operands[1], Rule::Positive, 0);
        }
        $alone = self::alone($operands);
        if ([] === $alone) {
            return self::overlaid(\array_map(static fn (RegionRings $one): array => [$one->rings, 0, $one->apart], $operands), [Rule::Positive])[0];
        }
        $rest = \array_values(\array_diff_key($operands, $alone));
        $joined = \count($rest) < 2 ? $rest : [self::union($rest)];
        $all = [...$joined, ...\array_values($alone)];

        return RegionRings::gathered(
            \array_merge(...\array_map(static fn (RegionRings $one): array => $one->pieces(), $all)),
            [] === \array_filter($all, static fn (RegionRings $one): bool => !$one->apart),
        );
    }

    /**
     * @param list<RegionRings> $others one at least; several only where they are taken away
     */
    public static function of(RegionRings $first, array $others, Rule $rule): RegionRings
    {
        if (1 === \count($others)) {
            return self::pair($first, $others[0], $rule, 1);
        }
        $rings = \array_merge(...\array_map(static fn (RegionRings $one): array => $one->rings, $others));
        if ($first->isEmpty() || [] === $rings) {
            return $first;
        }
        $sides = Bystanders::of($first->pieces(), \array_merge(...\array_map(static fn (RegionRings $one): array => $one->pieces(), $others)));

        return self::settled($sides, $first->apart, false, [$rule], 1)[0];
    }

    /** @return array{RegionRings, RegionRings} the intersection, and the rest of the first operand */
    public static function parted(RegionRings $first, RegionRings $second): array
    {
        if ($first->isEmpty() || $second->isEmpty()) {
            return [new RegionRings([], [], true), $first];
        }
        $sides = Bystanders::of($first->pieces(), $second->pieces());
        [$common, $rest] = self::settled($sides, $first->apart, $second->apart, [Rule::Both, Rule::OnlyFirst], 1);

        return [$common, $rest];
    }

    /** @param int $operand what the second one counts as: with 0 like the first */
    private static function pair(RegionRings $first, RegionRings $second, Rule $rule, int $operand): RegionRings
    {
        if ($first->isEmpty() || $second->isEmpty()) {
            return match ($rule) {
                Rule::Both => new RegionRings([], [], true),
                Rule::OnlyFirst => $first,
                default => $first->isEmpty() ? $second : $first,
            };
        }

        return self::settled(Bystanders::of($first->pieces(), $second->pieces()), $first->apart, $second->apart, [$rule], $operand)[0];
    }

    /**
     * @param non-empty-list<Rule> $rules
     *
     * @return non-empty-list<RegionRings> one result per rule
     */
    private static function settled(Bystanders $sides, bool $firstApart, bool $secondApart, array $rules, int $operand): array
    {
        [$own, $their] = $sides->involved;
        $met = [] === $own
            ? \array_map(static fn (Rule $rule): RegionRings => new RegionRings([], [], true), $rules)
            : self::overlaid([[\array_merge(...$own), 0, $firstApart], [\array_merge(...$their), $operand, $secondApart]], $rules);

        return \array_map(static function (Rule $rule, RegionRings $met) use ($sides, $firstApart, $secondApart): RegionRings {
            $kept = match ($rule) {
                Rule::OnlyFirst => $sides->aside[0],
                Rule::Both => [],
                default => [...$sides->aside[0], ...$sides->aside[1]],
            };
            $isApart = $met->apart && $firstApart && ($secondApart || Rule::OnlyFirst === $rule);

            return [] === $kept ? $met : RegionRings::gathered([...$met->pieces(), ...$kept], $isApart);
        }, $rules, $met);
    }

    /**
     * @param list<array{list<list<int>>, int, bool}> $operands rings, the operand that they count as, and whether they are known not to touch
     * @param non-empty-list<Rule>                    $rules
     *
     * @return non-empty-list<RegionRings> one result per rule
     */
    private static function overlaid(array $operands, array $rules): array
    {
        $input = new Rings();
        foreach ($operands as [$rings, $operand, $apart]) {
            $input->addValid($rings, $operand, $apart);
        }

        return \array_map(RegionRings::traced(...), Overlay::each($input, $rules));
    }

    /**
     * Those apart from all others, by their boxes.
     *
     * @param list<RegionRings> $operands
     *
     * @return array<int, RegionRings>
     */
    private static function alone(array $operands): array
    {
        if (\count($operands) > self::FEW) {
            return [];
        }
        $boxes = \array_map(self::box(...), $operands);

        return \array_filter($operands, static function (int $number) use ($boxes): bool {
            foreach ($boxes as $other => $box) {
                if ($other !== $number && $boxes[$number]->overlaps($box)) {
                    return false;
                }
            }

            return true;
        }, \ARRAY_FILTER_USE_KEY);
    }

    private static function box(RegionRings $operand): Box
    {
        $box = RingMeasure::box($operand->rings[0]);
        foreach ($operand->outer as $ring => $outer) {
            $box = $ring === $outer ? $box->joined(RingMeasure::box($operand->rings[$ring])) : $box;
        }

        return $box->grown(self::APART);
    }
}
