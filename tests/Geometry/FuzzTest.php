<?php

declare(strict_types=1);

namespace Uvret\Tests\Geometry;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Uvret\Geometry\Box;
use Uvret\Tests\Support\Fuzz\OverlayFuzz;
use Uvret\Tests\Support\Fuzz\Run;

/** A bounded run of what bin/fuzz does at length. */
#[Group('slow')]
final class FuzzTest extends TestCase
{
    #[DataProvider('kinds')]
    public function testRandomCasesAgreeWithGeosAndTrueDistances(string $kind, int $cases): void
    {
        $wrong = Run::first($kind, 7, $cases);
        self::assertNull($wrong, null === $wrong ? '' : "$kind case {$wrong[0]} of seed 7: {$wrong[1]}");
    }

    /** @return iterable<string, array{list<list<int>>, list<list<int>>, string}> what random cases once found */
    public static function found(): iterable
    {
        yield 'near-parallel edges that would drive their crossing along' => [[], [[0, 1, 1, 50_000, -1, 19_999, 40_000, 30_000, 1, 60_000]], 'positive'];
        yield 'an edge bent over the corner of a piece of its own region' => [
            [[17_956, 20_348, 17_956, 59_851, 2_393, 56_260]],
            [[39_988, 49_984, 39_989, 19_994, 59_981, 0], [9_996, 29_991, 9_998, 19_995, 59_983, -1, 0, 29_991]],
            'exclusive',
        ];
        yield 'a sliver over the left edge' => [
            [[-1, 41_980, 0, 5_997, 0, 41_978, 53_972, 23_988, 53_973, 29_984]],
            [[36_000, 48_000, 0, 24_000, 18_000, 36_000]],
            'subtract',
        ];
    }

    /**
     * @param list<list<int>> $a
     * @param list<list<int>> $b
     */
    #[DataProvider('found')]
    public function testWhatWasFoundStaysMended(array $a, array $b, string $operation): void
    {
        self::assertSame([], (new OverlayFuzz())->check([['a' => $a, 'b' => $b, 'more' => ['operation' => $operation]]]));
    }

    /** Level and upright edges cross on the grid: their overlays are exact, however near they lie. */
    public function testBoxesThatLieAMicrometreApartAreOverlaidExactly(): void
    {
        foreach ([-1, 0, 1] as $dx) {
            foreach ([-1, 0, 1] as $dy) {
                foreach ([
                    [$dx, 57 + $dy, 500, 200],
                    [500, 57, 1_000 + $dx, 892 + $dy],
                    [300 + $dx, $dy, 400, 892 + $dy],
                    [$dx, $dy, 1_000, 892],
                ] as [$left, $bottom, $right, $top]) {
                    [$one, $other] = [(new Box(0, 0, 1_000, 892))->toRegion(), (new Box($left, $bottom, $right, $top))->toRegion()];
                    $common = (\min($right, 1_000) - \max($left, 0)) * (\min($top, 892) - \max($bottom, 0));
                    self::assertSame((float) $common, $one->intersect($other)->area());
                    self::assertSame((float) (892_000 - $common), $one->subtract($other)->area());
                    self::assertSame((float) (892_000 + ($right - $left) * ($top - $bottom) - $common), $one->union($other)->area());
                    self::assertSame((float) (892_000 + ($right - $left) * ($top - $bottom) - 2 * $common), $other->exclusive($one)->area());
                }
            }
        }
    }

    /** @return iterable<string, array{string, int}> */
    public static function kinds(): iterable
    {
        yield 'set operations' => ['overlay', 300];
        yield 'offsets' => ['offset', 100];
        yield 'chains of operations' => ['chain', 50];
        yield 'lettering' => ['lettering', 12];
    }
}
