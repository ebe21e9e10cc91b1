<?php

declare(strict_types=1);

namespace Uvret\Tests\Separate;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Separate\Slip\SlipTest as Test;
use Uvret\Tests\Support\Stack;

final class SlipTest extends TestCase
{
    private const PLATE = 80;

    /** @return iterable<string, array{int, int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 8; ++$seed) {
            yield "seed $seed" => [$seed, 400 + 130 * $seed];
        }
    }

    #[DataProvider('seeds')]
    public function testLessThanTheTrapUncoversNothing(int $seed, int $trap): void
    {
        $plan = Stack::plan(Stack::random(50 + $seed), [], ['usual' => ['width' => $trap]]);
        foreach ($plan->separation->layers as $layer) {
            $test = new Test($plan->separation, $layer->film->id);
            foreach ([20 * $seed, 90 + 20 * $seed, 180 + 20 * $seed, 270 + 20 * $seed] as $angle) {
                self::assertLessThan(2e4, $test->towards($trap - 30, $angle)->bare->area());
            }
        }
    }

    public function testMoreThanTheTrapShowsTheBlankAsFarAsItIsMore(): void
    {
        $plan = Stack::plan([Stack::box('chalk', 0, 100, self::PLATE, self::PLATE), Stack::box('buoy', 0, 100, 40, 40)]);
        $test = new Test($plan->separation, 'buoy');
        $right = $test->towards(1_300, 0.0);
        self::assertSame([1_300, 0], [$right->dx, $right->dy]);
        // 0.3 mm along 38 mm: the trap comes round the hole's corners by itself.
        self::assertEqualsWithDelta(0.3 * 38, $right->bare->area() / 1e6, 0.01);
        self::assertEqualsWithDelta(300, $right->widest, 2);
        self::assertTrue($right->wrong->isEmpty());
        // Straight off a side it opens most.
        self::assertGreaterThan(self::opened($test, 1_600, 45.0), self::opened($test, 1_600, 0.0));
        self::assertEqualsWithDelta(self::opened($test, 1_600, 0.0), $test->worst(1_600)->area(), 1e5);
        self::assertEqualsWithDelta(1_000, $test->safe(), 60);
        // Down is down as worn.
        self::assertSame([0, -1_300], [$test->towards(1_300, 90.0)->dx, $test->towards(1_300, 90.0)->dy]);
        // Edge to edge nothing may slip; laid over, anything may as long as the lower one runs on.
        $with = static fn (string $kind): int => (new Test(
            Stack::plan(
                [Stack::box('chalk', 0, 100, self::PLATE, self::PLATE), Stack::box('buoy', 0, 100, 40, 40)],
                [],
                ['usual' => ['kind' => $kind]],
            )->separation,
            'buoy',
        ))->safe();
        self::assertLessThan(100, $with('butted'));
        self::assertGreaterThan(2_900, $with('lay over'));
    }

    public function testAFilmThatComesOutBeneathAThinOneIsWrong(): void
    {
        // A thin bar along the plate's edge: the plate runs on beneath it, to its far side.
        $plan = Stack::plan([Stack::box('chalk', 0, 100, self::PLATE, 40), Stack::box('buoy', 0, 80.3, 70, 0.6)]);
        $up = (new Test($plan->separation, 'chalk'))->towards(500, 270.0);
        self::assertTrue($up->bare->isEmpty());
        self::assertEqualsWithDelta(0.5 * 70, $up->wrong->area() / 1e6, 1.5);
        self::assertEqualsWithDelta(500, $up->widest, 10);
        self::assertTrue((new Test($plan->separation, 'chalk'))->towards(500, 90.0)->wrong->isEmpty());
    }

    private static function opened(Test $test, int $distance, float $angle): float
    {
        return $test->towards($distance, $angle)->bare->area();
    }
}
