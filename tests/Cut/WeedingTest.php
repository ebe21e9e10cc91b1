<?php

declare(strict_types=1);

namespace Uvret\Tests\Cut;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Cut\CutSheet;
use Uvret\Cut\Weeding\Weeding;
use Uvret\Cut\Weeding\WeedingFactors;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;
use Uvret\Tests\Support\Designs;

/** What there is to weed is counted by shapes that can be counted by hand. */
final class WeedingTest extends TestCase
{
    /**
     * Rings in mm; holes, small ones, necks and thin strokes; the outline in m.
     *
     * @return iterable<string, array{list<list<int>>, array{int, int, int, int}, float}>
     */
    public static function sheets(): iterable
    {
        $square = static fn (int $x, int $y, int $size): array => [$x, $y, $x + $size, $y, $x + $size, $y + $size, $x, $y + $size];
        $hole = static fn (int $x, int $y, int $wide, int $high): array => [$x, $y, $x, $y + $high, $x + $wide, $y + $high, $x + $wide, $y];
        yield 'a block' => [[$square(20, 20, 40)], [0, 0, 0, 0], 0.16];
        yield 'with a hole that a hook goes into' => [[$square(20, 20, 40), $hole(30, 30, 10, 10)], [1, 0, 0, 0], 0.16];
        yield 'and a slit that it does not' => [[$square(20, 20, 40), $hole(30, 30, 10, 10), $hole(50, 25, 2, 20)], [2, 1, 0, 0], 0.16];
        yield 'two blocks that are near each other' => [[$square(10, 20, 40), $square(53, 20, 40)], [0, 0, 1, 0], 0.32];
        yield 'two that are not' => [[$square(10, 20, 40), $square(56, 20, 40)], [0, 0, 0, 0], 0.32];
        yield 'two blocks that a thin stroke joins' => [
            [[10, 20, 40, 20, 40, 34, 60, 34, 60, 20, 90, 20, 90, 50, 60, 50, 60, 35, 40, 35, 40, 50, 10, 50]],
            [0, 0, 0, 1],
            0.278,
        ];
    }

    /**
     * @param list<list<int>>           $rings
     * @param array{int, int, int, int} $counts
     */
    #[DataProvider('sheets')]
    public function testHolesNecksAndThinStrokesAreCounted(array $rings, array $counts, float $outline): void
    {
        $weeding = Weeding::of(self::sheet($rings));
        self::assertSame($counts, [$weeding->holes, $weeding->smallHoles, $weeding->necks, $weeding->thinStrokes]);
        self::assertEqualsWithDelta($outline, $weeding->outline / 1e6, 1e-9);
        // Each counts by its factor.
        $factors = new WeedingFactors(begin: 1.0, metre: 10.0, neck: 100.0, hole: 1_000.0, small: 10_000.0, stroke: 100_000.0);
        self::assertEqualsWithDelta(
            1 + 10 * $outline + 100 * $counts[2] + 1_000 * $counts[0] + 10_000 * $counts[1] + 100_000 * $counts[3],
            $weeding->seconds($factors),
            1e-6,
        );
    }

    public function testTheNarrowestWasteAndTheSmallestPieceAreKnown(): void
    {
        $weeding = Weeding::of(self::sheet([[0, 0, 60, 0, 60, 60, 0, 60], [10, 10, 10, 30, 30, 30, 30, 10], [40, 10, 40, 50, 43, 50, 43, 10]]));
        self::assertEqualsWithDelta(3_000, $weeding->narrowest, 25);
        self::assertSame(0.0, Weeding::of(self::sheet([[0, 0, 60, 0, 60, 60, 0, 60]]))->narrowest);
        // Of pieces the way between them counts as well: a hole of 10 mm, and 2 mm between two.
        $several = Weeding::of(self::sheet([
            [0, 0, 40, 0, 40, 40, 0, 40], [10, 10, 10, 20, 20, 20, 20, 10],
            [42, 0, 50, 0, 50, 6, 42, 6], [80, 0, 83, 0, 83, 4, 80, 4],
        ]));
        self::assertEqualsWithDelta(2_000, $several->narrowest, 1);
        self::assertSame(5_000, $several->smallestPiece);
    }

    public function testScriptTakesLongerThanItsOutlineAlone(): void
    {
        $weeding = Weeding::of(Designs::plan()->cutPlan->sheets[0]);
        self::assertSame(\count(Designs::plan()->cutPlan->sheets[0]->region->holes()), $weeding->holes);
        self::assertGreaterThan(15 + 20 * $weeding->outline / 1e6 + 4 * $weeding->holes, $weeding->seconds() + 1e-9);
    }

    /** @param list<list<int>> $rings in mm */
    private static function sheet(array $rings): CutSheet
    {
        $box = new Box(0, 0, 110_000, 80_000);
        $region = Region::fromRings(\array_map(static fn (array $ring): array => \array_map(static fn (int $length): int => 1_000 * $length, $ring), $rings));

        return new CutSheet(Designs::plan()->design->films[0], $region, Region::empty(), $box->toRegion(), $box, true);
    }
}
