<?php

declare(strict_types=1);

namespace Uvret\Tests\Support\Fuzz;

use Uvret\Geometry\Region;
use Uvret\Tests\Support\Geos;

/** Chains of set operations, each fed with the result before, against the same chain in GEOS. */
final class ChainFuzz implements Fuzz
{
    private const OPERATIONS = ['union' => 'union', 'intersection' => 'intersect', 'difference' => 'subtract', 'symDifference' => 'exclusive'];

    public function generate(\Random\Randomizer $random): array
    {
        return [
            'a' => RandomRings::some($random, 2),
            'b' => RandomRings::some($random, 4),
            'more' => ['operations' => \implode(' ', \array_map(static fn (): string => \array_keys(self::OPERATIONS)[$random->getInt(0, 3)], \range(1, 4)))],
        ];
    }

    public function check(array $cases): array
    {
        $wrong = [];
        foreach ($cases as $number => $case) {
            $region = Region::fromRings($case['a']);
            $wkt = Geos::wkt($region);
            $edges = $region->perimeter();
            $operations = \explode(' ', (string) $case['more']['operations']);
            foreach ($case['b'] as $at => $ring) {
                $next = Region::fromRings([$ring]);
                $operation = $operations[$at % 4];
                [$before, $region] = [$region, self::apply($operation, $region, $next)];
                $both = $before->area() + $next->area();
                $union = $before->union($next)->area();
                $shared = $before->intersect($next)->area();
                $edges += $next->perimeter();
                if (\abs($both - $union - $shared) > $edges || \abs($before->subtract($next)->area() + $shared - $before->area()) > $edges) {
                    $wrong[$number] = 'union, intersection and difference do not add up';
                }
                $wkt = Geos::result($operation, $wkt, Geos::wkt($next));
            }
            if (!Geos::isValid(Geos::wkt($region))) {
                $wrong[$number] = 'GEOS calls the result invalid';
            }
            $difference = Geos::difference(Geos::wkt($region), $wkt);
            if ($difference > $edges) {
                $wrong[$number] = \sprintf('differs from GEOS by %.0f µm² along %.0f µm of edges', $difference, $edges);
            }
        }

        return $wrong;
    }

    private static function apply(string $operation, Region $a, Region $b): Region
    {
        return match (self::OPERATIONS[$operation]) {
            'union' => $a->union($b),
            'intersect' => $a->intersect($b),
            'subtract' => $a->subtract($b),
            'exclusive' => $a->exclusive($b),
        };
    }
}
