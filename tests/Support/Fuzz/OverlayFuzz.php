<?php

declare(strict_types=1);

namespace Uvret\Tests\Support\Fuzz;

use Uvret\Geometry\FillRule;
use Uvret\Geometry\Region;
use Uvret\Tests\Support\Geos;

/**
 * Set operations on self-crossing rings against an arrangement made by GEOS: the edges noded and
 * polygonized, each face taken or not by the winding numbers at a point in it.
 *
 * Cases of one check lie side by side, so that GEOS is started a few times for many of them.
 *
 * @phpstan-import-type FuzzCase from Fuzz
 */
final class OverlayFuzz implements Fuzz
{
    private const OPERATIONS = ['nonzero', 'evenodd', 'positive', 'union', 'intersect', 'subtract', 'exclusive'];

    /** How far the cases of one check lie apart, in µm. */
    private const APART = 100000;

    public function generate(\Random\Randomizer $random): array
    {
        return ['a' => RandomRings::some($random, 3), 'b' => RandomRings::some($random, 2), 'more' => ['operation' => self::OPERATIONS[$random->getInt(0, 6)]]];
    }

    public function check(array $cases): array
    {
        $wrong = $lines = $results = $faces = [];
        foreach ($cases as $number => $case) {
            $case = self::moved($case, $number * self::APART);
            $cases[$number] = $case;
            try {
                $results[$number] = self::result($case);
            } catch (\Throwable $e) {
                $wrong[$number] = $e->getMessage();
                continue;
            }
            foreach ([...$case['a'], ...$case['b']] as $ring) {
                $lines[] = Geos::ring($ring);
            }
        }
        if ([] === $lines) {
            return $wrong;
        }
        $arrangement = Geos::result('unaryUnion', 'MULTILINESTRING('.\implode(',', $lines).')');
        $polygons = \explode("\n", Geos::result('polygonize', $arrangement));
        $points = \explode("\n", Geos::result('interiorPoint', \implode("\n", $polygons)));
        foreach ($polygons as $at => $polygon) {
            if (1 === \preg_match('/POINT \(([-\d.e+]+) ([-\d.e+]+)\)/', $points[$at] ?? '', $m)) {
                // Some rings reach a little over the left edge.
                $number = (int) \floor(((float) $m[1] + 1000) / self::APART);
                if (isset($results[$number]) && self::takes($cases[$number], (float) $m[1], (float) $m[2])) {
                    $faces[$number][] = \substr($polygon, \strlen('POLYGON '));
                }
            }
        }
        $wrong += self::invalid(\array_map(Geos::wkt(...), $results));
        // All together first; one by one only where they differ.
        if (\count($results) > 1 && self::difference($results, $faces) <= self::tolerance($results)) {
            return $wrong;
        }
        foreach ($results as $number => $result) {
            $difference = self::difference([$result], [$faces[$number] ?? []]);
            if ($difference > self::tolerance([$result]) + 500) {
                $wrong[$number] ??= \sprintf('differs from GEOS by %.0f µm²', $difference);
            }
        }

        return $wrong;
    }

    /**
     * @param array<int, string> $results
     *
     * @return array<int, string>
     */
    public static function invalid(array $results): array
    {
        $filled = \array_filter($results, static fn (string $wkt): bool => !Geos::isEmpty($wkt));
        $answers = \explode("\n", Geos::result('isValid', \implode("\n", $filled), null, 'txt'));
        $wrong = [];
        foreach (\array_keys($filled) as $at => $number) {
            if ('true' !== \trim($answers[$at] ?? '')) {
                $wrong[$number] = 'GEOS calls the result invalid';
            }
        }

        return $wrong;
    }

    /** @param FuzzCase $case */
    private static function result(array $case): Region
    {
        $a = static fn (FillRule $rule = FillRule::NonZero): Region => Region::fromRings($case['a'], $rule);
        $b = static fn (): Region => Region::fromRings($case['b']);
        $backwards = $b()->union($a());

        $result = match ($case['more']['operation']) {
            'evenodd' => $a(FillRule::EvenOdd),
            'positive' => $a(FillRule::Positive),
            'union' => $a()->union($b()),
            'intersect' => $a()->intersect($b()),
            'subtract' => $a()->subtract($b()),
            'exclusive' => $a()->exclusive($b()),
            default => $a(),
        };
        if ('union' === $case['more']['operation'] && $backwards->rings() !== $result->rings()) {
            throw new \LogicException('the order of operands changes the result');
        }
        $turned = Region::fromRings(\array_map(
            static fn (array $ring): array => [...\array_slice($ring, 2), ...\array_slice($ring, 0, 2)],
            \array_reverse($case['a']),
        ));
        if ($turned->rings() !== $a()->rings()) {
            throw new \LogicException('where a ring starts changes the result');
        }

        return $result;
    }

    /** @param FuzzCase $case */
    private static function takes(array $case, float $x, float $y): bool
    {
        $a = self::winding($case['a'], $x, $y);
        $b = 0 !== self::winding($case['b'], $x, $y);

        return match ($case['more']['operation']) {
            'evenodd' => 0 !== $a % 2,
            'positive' => $a > 0,
            'union' => 0 !== $a || $b,
            'intersect' => 0 !== $a && $b,
            'subtract' => 0 !== $a && !$b,
            'exclusive' => (0 !== $a) !== $b,
            default => 0 !== $a,
        };
    }

    /** @param list<list<int>> $rings */
    private static function winding(array $rings, float $x, float $y): int
    {
        $winding = 0;
        foreach ($rings as $ring) {
            $count = \count($ring);
            for ($i = 0; $i < $count; $i += 2) {
                [$ax, $ay, $bx, $by] = [$ring[$i], $ring[$i + 1], $ring[($i + 2) % $count], $ring[($i + 3) % $count]];
                if (($ay > $y) !== ($by > $y) && $x < $ax + ($y - $ay) / ($by - $ay) * ($bx - $ax)) {
                    $winding += $by > $ay ? 1 : -1;
                }
            }
        }

        return $winding;
    }

    /**
     * @param array<int, Region>       $results
     * @param array<int, list<string>> $faces
     */
    private static function difference(array $results, array $faces): float
    {
        $polygons = \array_merge(...$faces, ...[[]]);
        $expected = [] === $polygons
            ? 'POLYGON EMPTY'
            : Geos::result(
                'unaryUnion',
                'GEOMETRYCOLLECTION('.\implode(',', \array_map(static fn (string $rings): string => 'POLYGON '.$rings, $polygons)).')',
            );
        $ours = Geos::wkt(Region::empty()->union(...\array_values($results)));

        return Geos::difference($ours, $expected);
    }

    /**
     * What the grid allows: every edge may be half a micrometre off, and a little more where several meet.
     *
     * @param array<int, Region> $results
     */
    private static function tolerance(array $results): float
    {
        return \array_sum(\array_map(static fn (Region $region): float => 0.6 * $region->perimeter(), $results));
    }

    /**
     * @param FuzzCase $case
     *
     * @return FuzzCase
     */
    private static function moved(array $case, int $dx): array
    {
        foreach (['a', 'b'] as $operand) {
            foreach ($case[$operand] as $ring => $points) {
                foreach ($points as $i => $value) {
                    $points[$i] = $value + (0 === $i % 2 ? $dx : 0);
                }
                $case[$operand][$ring] = $points;
            }
        }

        return $case;
    }
}
