<?php

declare(strict_types=1);

namespace Uvret\Tests\Cut;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Cut\CutSheet;
use Uvret\Cut\Knife\Cutter;
use Uvret\Cut\Knife\DragKnife;
use Uvret\Cut\Knife\FewestPoints;
use Uvret\Cut\Knife\KnifePlanner;
use Uvret\Cut\Knife\KnifeRing;
use Uvret\Cut\Knife\KnifeSettings;
use Uvret\Cut\Knife\KnifeWork;
use Uvret\Cut\Knife\Motion;
use Uvret\Cut\Knife\Starts;
use Uvret\Cut\Knife\Tour;
use Uvret\Geometry\Box;
use Uvret\Geometry\Measure\BoxTree;
use Uvret\Geometry\Region;
use Uvret\Tests\Support\Designs;
use Uvret\Tests\Support\Tractrix;

/** What the knife does: each ring once and closed, inside before outside, in a short order, where the tip should be. */
final class KnifePlanTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>}> */
    public static function designs(): iterable
    {
        yield 'a script' => [[]];
        yield 'block letters' => [['lines.0.font' => 'anton', 'lines.0.words' => 'BOAT 86']];
        yield 'pieces in holes' => [[
            'lines' => [],
            'forms' => [
                ['id' => 'ring', 'kind' => 'ring', 'film' => 'ink', 'width' => 120_000, 'height' => 120_000, 'across' => 0, 'down' => 100_000, 'band' => 8_000],
                ['id' => 'inner', 'kind' => 'ring', 'film' => 'ink', 'width' => 60_000, 'height' => 60_000, 'across' => 0, 'down' => 100_000, 'band' => 8_000],
                ['id' => 'dot', 'kind' => 'star', 'film' => 'ink', 'width' => 20_000, 'height' => 20_000, 'across' => 0, 'down' => 100_000],
            ],
        ]];
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('designs')]
    public function testEachRingIsCutOnceInsideBeforeOutsideAndTheFrameLast(array $changes): void
    {
        $sheet = self::sheet($changes);
        $plan = (new KnifePlanner())->plan($sheet, new KnifeSettings(within: 0.0));
        $all = [...$sheet->region->rings(), ...$sheet->frame->rings()];
        self::assertCount(\count($all), $plan->rings);
        self::assertSame(KnifeWork::Frame, $plan->rings[\count($plan->rings) - 1]->work);
        $again = Region::fromRings(\array_map(static fn (KnifeRing $ring): array => $ring->points, \array_slice($plan->rings, 0, -1)));
        // A start in the middle of an edge may lie half a micrometre beside it.
        self::assertLessThan($sheet->region->perimeter(), $again->exclusive($sheet->region)->area());
        foreach ($plan->rings as $at => $ring) {
            foreach (\array_slice($plan->rings, $at + 1) as $later) {
                [$x, $y] = $later->points;
                self::assertFalse(self::filled($ring)->contains($x, $y), 'nothing is cut inside of what is loose already');
            }
        }
        // The holder runs ahead of the tip, so its ways are a little longer.
        self::assertGreaterThan(-0.01 * $plan->travel, $plan->saved());
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('designs')]
    public function testTheTipCutsEachRingWithinFiftyMicrometresAndClosesIt(array $changes): void
    {
        foreach ([250, 450] as $offset) {
            $settings = new KnifeSettings(offset: $offset);
            $plan = (new KnifePlanner())->plan(self::sheet($changes), $settings);
            $knife = new Tractrix($offset, 1.0);
            $knife->tip($plan->turning);
            foreach ($plan->lines as $number => $holder) {
                $ring = $plan->rings[$number];
                $tip = $knife->tip($holder);
                $some = \array_filter($tip, static fn (int $at): bool => 0 === $at % 7, \ARRAY_FILTER_USE_KEY);
                self::assertLessThan(50.0, self::farthest($some, $ring->points), 'the tip stays on the ring');
                self::assertLessThan(50.0, self::missed($tip, $ring->points), 'and passes all of it');
                [$first, $last] = [$tip[0], $tip[\count($tip) - 1]];
                self::assertGreaterThan(300.0, \hypot($last[0] - $first[0], $last[1] - $first[1]), 'the overcut goes on beyond the start');
            }
        }
    }

    public function testWithoutCompensationCornersAreRoundedAndRingsDoNotClose(): void
    {
        $sheet = self::sheet(['lines.0.font' => 'anton', 'lines.0.words' => 'E']);
        $plan = (new KnifePlanner())->plan($sheet, new KnifeSettings(compensate: false));
        self::assertSame([], $plan->turning);
        $tip = (new Tractrix(250))->tip($plan->lines[0]);
        self::assertGreaterThan(80.0, self::missed($tip, $plan->rings[0]->points));
        // Nor is it made up for where the cutter does so itself.
        $own = (new KnifePlanner(new Cutter(compensates: true)))->plan($sheet, new KnifeSettings());
        self::assertEquals($plan->lines, $own->lines);
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('designs')]
    public function testRingsAreStartedOnGentleStretches(array $changes): void
    {
        foreach ((new KnifePlanner())->plan(self::sheet($changes), new KnifeSettings(within: 0.0))->rings as $ring) {
            $points = \array_chunk($ring->points, 2);
            [$before, $start, $next] = [$points[\count($points) - 1], $points[0], $points[1]];
            $turn = \atan2($next[1] - $start[1], $next[0] - $start[0]) - \atan2($start[1] - $before[1], $start[0] - $before[0]);
            self::assertLessThan(0.3, \abs($turn - 2 * \M_PI * \round($turn / (2 * \M_PI))));
        }
    }

    public function testStartsKeepAwayFromCornersAndThinStrokes(): void
    {
        // A block of 30 mm with a bar of 0.6 mm on its right.
        $bar = [0, 0, 30_000, 0, 30_000, 14_700, 90_000, 14_700, 90_000, 15_300, 30_000, 15_300, 30_000, 30_000, 0, 30_000];
        $starts = (new Starts([$bar]))->of($bar);
        self::assertGreaterThan(4, \count($starts));
        foreach ($starts as [$behind, $x, $y]) {
            self::assertLessThanOrEqual(30_000, $x, 'not on the bar');
            self::assertGreaterThanOrEqual(800, \min(\hypot($x, $y), \hypot($x - 30_000, $y), \hypot($x, $y - 30_000), \hypot($x - 30_000, $y - 30_000)));
            $turned = Starts::turned($bar, [$behind, $x, $y]);
            self::assertSame([$x, $y], \array_slice($turned, 0, 2));
            self::assertEquals(Region::fromRings([$bar]), Region::fromRings([$turned]));
        }
        // Where all is thin, it is started all the same.
        $thin = [0, 0, 50_000, 0, 50_000, 500, 0, 500];
        self::assertNotEmpty((new Starts([$thin]))->of($thin));
    }

    public function testWhatTheOrderSavesIsMeasuredAgainstThatOfTheDocument(): void
    {
        $square = static fn (int $x): array => [$x, 10_000, $x + 10_000, 10_000, $x + 10_000, 20_000, $x, 20_000];
        $region = Region::fromRings([$square(10_000), $square(110_000), $square(30_000), $square(90_000), $square(50_000)]);
        $plain = self::sheet([]);
        $sheet = new CutSheet($plain->film, $region, Region::empty(), (new Box(0, 0, 130_000, 30_000))->toRegion(), new Box(0, 0, 130_000, 30_000), true);
        $plan = (new KnifePlanner())->plan($sheet, new KnifeSettings(compensate: false));
        [$x, $y, $travel] = [0, 0, 0.0];
        $starts = new Starts([...$region->rings(), ...$sheet->frame->rings()]);
        foreach ([...$region->rings(), ...$sheet->frame->rings()] as $ring) {
            [, $toX, $toY] = $starts->of($ring)[0];
            $travel += \hypot($toX - $x, $toY - $y);
            [$x, $y] = [$toX, $toY];
        }
        self::assertEqualsWithDelta($travel + \hypot($x, $y), $plan->unorderedTravel, 1e-6);
        // From the corner along the squares to the last, and back along the frame: not much more than twice 120 mm.
        self::assertLessThan(265_000, $plan->travel);
        // Six overcuts of half a millimetre and all sides, nothing else.
        self::assertEqualsWithDelta(5 * 40_000 + 320_000 + 6 * 500, $plan->cutting, 1.0);
    }

    public function testFewerPointsStayWithinTheDistanceAndCornersStay(): void
    {
        $square = [0, 0, 5_000, 4, 10_000, -3, 10_000, 10_000, 5_000, 10_000, 0, 10_000];
        self::assertSame([0, 0, 10_000, -3, 10_000, 10_000, 0, 10_000], FewestPoints::ofRing($square, 10.0));
        foreach (self::sheet([])->region->rings() as $ring) {
            foreach ([5.0, 12.5, 60.0] as $within) {
                $fewer = FewestPoints::ofRing($ring, $within);
                self::assertLessThanOrEqual(\count($ring) * ($within > 50 ? 0.6 : 1), \count($fewer));
                self::assertLessThan($within + 1.0, self::farthest(\array_chunk(\array_map(\floatval(...), $ring), 2), $fewer));
                self::assertLessThan($within + 1.0, self::farthest(\array_chunk(\array_map(\floatval(...), $fewer), 2), $ring));
            }
        }
    }

    public function testTheOrderIsTheShortestOfAllWhereTheyCanBeTried(): void
    {
        \mt_srand(20261128);
        [$found, $best, $worst] = [0.0, 0.0, 0.0];
        for ($case = 0; $case < 30; ++$case) {
            $in = $out = [];
            for ($i = 0; $i < 6; ++$i) {
                $in[] = [\mt_rand(0, 100_000), \mt_rand(0, 100_000)];
                $out[] = [$in[$i][0] + \mt_rand(-9_000, 9_000), $in[$i][1] + \mt_rand(-9_000, 9_000)];
            }
            $tour = Tour::of($in, $out);
            self::assertEqualsCanonicalizing([0, 1, 2, 3, 4, 5], $tour);
            $all = \array_map(static fn (array $order): float => self::length($order, $in, $out), self::permutations([0, 1, 2, 3, 4, 5]));
            $shortest = \min([\INF, ...$all]);
            $found += self::length($tour, $in, $out);
            $best += $shortest;
            $worst = \max($worst, self::length($tour, $in, $out) / $shortest);
        }
        self::assertLessThan(1.02, $found / $best, 'on the whole');
        self::assertLessThan(1.25, $worst, 'and never far off');
    }

    public function testTimesAreThoseOfAMachineThatIsFollowedStepByStep(): void
    {
        $cutter = new Cutter(acceleration: 4_000.0, deviation: 0.05);
        $motion = new Motion($cutter);
        // 100 mm at 300 mm/s with 4 m/s²: 75 ms each to speed up and to slow down, the rest at full speed.
        self::assertEqualsWithDelta(0.15 + (100 - 22.5) / 300, $motion->seconds([0.0, 0.0, 100_000.0, 0.0], 300.0), 1e-6);
        // Too short to get so fast: up and down again.
        self::assertEqualsWithDelta(2 * \sqrt(4.0 / 4_000), $motion->seconds([0.0, 0.0, 4_000.0, 0.0], 300.0), 1e-6);
        // Back on its way it has to stand still; straight on it needn't slow down at all.
        $forth = $motion->seconds([0.0, 0.0, 50_000.0, 0.0], 300.0);
        self::assertEqualsWithDelta(2 * $forth, $motion->seconds([0.0, 0.0, 50_000.0, 0.0, 0.0, 0.0], 300.0), 1e-6);
        self::assertEqualsWithDelta(0.15 + (100 - 22.5) / 300, $motion->seconds([0.0, 0.0, 40_000.0, 0.0, 100_000.0, 0.0], 300.0), 1e-6);
        // At a right angle it goes on at √(a · δ · s ∕ (1 − s)), s = cos 45°: 22 mm/s.
        $corner = \sqrt(4_000 * 0.05 * \M_SQRT1_2 / (1 - \M_SQRT1_2));
        $leg = static fn (float $v): float => (300 + (300 - $v)) / 4_000 + (50 - (300 ** 2 + 300 ** 2 - $v ** 2) / 8_000) / 300;
        self::assertEqualsWithDelta(2 * $leg($corner), $motion->seconds([0.0, 0.0, 50_000.0, 0.0, 50_000.0, 50_000.0], 300.0), 1e-6);
    }

    public function testTheHolderRunsAheadAndSwivelsAboutTheTip(): void
    {
        $holder = (new DragKnife(250.0, \deg2rad(18)))->holder([0.0, 0.0, 10_000.0, 0.0, 10_000.0, 5_000.0]);
        $points = \array_chunk($holder, 2);
        self::assertEqualsWithDelta([250.0, 0.0], $points[0], 1e-9);
        self::assertEqualsWithDelta([10_000.0, 5_250.0], $points[\count($points) - 1], 1e-9);
        $swivel = \array_filter($points, static fn (array $point): bool => \abs(\hypot($point[0] - 10_000, $point[1]) - 250) < 1e-6);
        self::assertGreaterThanOrEqual(5, \count($swivel));
        self::assertContainsEquals([10_250.0, 0.0], $swivel);
    }

    /** @param array<string, mixed> $changes */
    private static function sheet(array $changes): CutSheet
    {
        return Designs::plan($changes)->cutPlan->sheets[0];
    }

    private static function filled(KnifeRing $ring): Region
    {
        // Holes turn the other way round.
        return Region::fromRings([$ring->points]);
    }

    /**
     * @param array<array<float|int>> $points
     * @param list<int>               $ring
     */
    private static function farthest(array $points, array $ring): float
    {
        $tree = BoxTree::of([$ring]);
        $far = 0.0;
        foreach ($points as [$x, $y]) {
            while ($tree->edgeNearer((int) \round($x), (int) \round($y), $far + 1.0) < 0) {
                ++$far;
            }
        }

        return $far;
    }

    /**
     * How far the points of a ring are at most from where the tip was.
     *
     * @param list<array{float, float}> $tip
     * @param list<int>                 $ring
     */
    private static function missed(array $tip, array $ring): float
    {
        $cells = [];
        foreach ($tip as [$x, $y]) {
            $cells[(int) \floor($x / 200)][(int) \floor($y / 200)][] = [$x, $y];
        }
        $missed = 0.0;
        foreach (\array_chunk($ring, 2) as [$x, $y]) {
            $least = 400.0;
            for ($i = -1; $i <= 1; ++$i) {
                for ($j = -1; $j <= 1; ++$j) {
                    foreach ($cells[$i + (int) \floor($x / 200)][$j + (int) \floor($y / 200)] ?? [] as [$tx, $ty]) {
                        $least = \min($least, \hypot($tx - $x, $ty - $y));
                    }
                }
            }
            $missed = \max($missed, $least);
        }

        return $missed;
    }

    /**
     * @param list<int>             $order
     * @param list<array{int, int}> $in
     * @param list<array{int, int}> $out
     */
    private static function length(array $order, array $in, array $out): float
    {
        [$x, $y, $sum] = [0, 0, 0.0];
        foreach ($order as $group) {
            $sum += \hypot($in[$group][0] - $x, $in[$group][1] - $y);
            [$x, $y] = $out[$group];
        }

        return $sum;
    }

    /**
     * @param list<int> $items
     *
     * @return list<list<int>>
     */
    private static function permutations(array $items): array
    {
        if (\count($items) < 2) {
            return [$items];
        }
        $all = [];
        foreach ($items as $at => $item) {
            $rest = $items;
            \array_splice($rest, $at, 1);
            foreach (self::permutations($rest) as $order) {
                $all[] = [$item, ...$order];
            }
        }

        return $all;
    }
}
