<?php

declare(strict_types=1);

namespace Uvret\Tests\Separate;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Design\DesignReader;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;
use Uvret\Plan\Plan;
use Uvret\Plan\Planner;
use Uvret\Separate\Slip\SlipTest;
use Uvret\Separate\Together\Bands;
use Uvret\Separate\Together\Places;
use Uvret\Separate\Together\Ways;
use Uvret\Tests\Support\Designs;
use Uvret\Tests\Support\Geos;
use Uvret\Tests\Support\Json;
use Uvret\Tests\Support\Letters;
use Uvret\Tests\Support\Stack;

/** Pieces of a lower film hang together where an upper one hides it. */
final class TogetherTest extends TestCase
{
    /** @return iterable<string, array{string, string, int}> design, film, the most pieces that are left */
    public static function demos(): iterable
    {
        yield 'ticks of a shadow, at most a third of 19' => ['regatta-shirt', 'ink', 6];
        yield 'rests of an outline' => ['regatta-shirt', 'buoy', 3];
        yield 'an arched word under a script' => ['stall-arched', 'buoy', 1];
    }

    #[DataProvider('demos')]
    public function testCrumbsAreJoinedAndNothingElseIsSeen(string $design, string $film, int $most): void
    {
        [$loose, $joined] = [self::demo($design, false), self::demo($design, true)];
        $layer = $joined->separation->layer($film);
        self::assertNotNull($layer);
        $was = $loose->separation->layer($film)->region ?? Region::empty();
        self::assertLessThanOrEqual($most, \count($layer->region->pieces()));
        self::assertGreaterThan($most, \count($was->pieces()));
        $seen = self::seen($joined);
        foreach (self::seen($loose) as $id => $own) {
            self::assertEqualsWithDelta(0.0, Geos::difference($own, $seen[$id]), 0.01, "$id, in µm²");
        }
        // Nothing that was there is taken away, but for what rounding leaves along edges.
        self::assertLessThan($was->perimeter(), $was->subtract($layer->region)->area());
        // No band is thinner than the film can hold.
        $bands = \array_filter($layer->region->subtract($was)->pieces(), static fn (Region $band): bool => $band->area() > 1e6);
        self::assertNotSame([], $bands);
        foreach ($bands as $band) {
            self::assertGreaterThan(1_000, 2 * $band->inscribedRadius());
        }
        // The layers above are as they were.
        self::assertEquals(\array_slice($loose->separation->layers, -1), \array_slice($joined->separation->layers, -1));
    }

    /** @return iterable<string, array{Plan, Plan}> loose, and joined */
    public static function stacks(): iterable
    {
        yield 'the regatta shirt' => [self::demo('regatta-shirt', false), self::demo('regatta-shirt', true)];
        for ($seed = 1; $seed <= 5; ++$seed) {
            $forms = Stack::random(80 + $seed);
            yield "seed $seed" => [Stack::plan($forms), Stack::plan($forms, more: ['weeding' => (object) ['together' => true]])];
        }
    }

    #[DataProvider('stacks')]
    public function testASlipWithinTheTrapShowsNoBand(Plan $loose, Plan $joined): void
    {
        foreach ($joined->separation->layers as $layer) {
            [$was, $is] = [new SlipTest($loose->separation, $layer->film->id), new SlipTest($joined->separation, $layer->film->id)];
            foreach ([30.0, 120.0, 210.0, 300.0] as $angle) {
                self::assertLessThan($was->towards(960, $angle)->area() + 2e4, $is->towards(960, $angle)->area(), $layer->film->id);
            }
        }
    }

    public function testFilmsThatTakeNothingOnTopAreLeftAsTheyAre(): void
    {
        $forms = [Stack::box('chalk', 0, 100, 80, 20), Stack::box('buoy', 0, 100, 40, 30)];
        $together = ['weeding' => (object) ['together' => true]];
        $pieces = static fn (Plan $plan): int => \count($plan->separation->layer('chalk')?->region->pieces() ?? []);
        self::assertSame(2, $pieces(Stack::plan($forms)));
        self::assertSame(1, $pieces(Stack::plan($forms, more: $together)));
        self::assertSame(2, $pieces(Stack::plan($forms, ['chalk' => ['finish' => 'glitter']], more: $together)), 'glitter carries nothing');
        self::assertSame(2, $pieces(Stack::plan($forms, ['buoy' => ['opaque' => false]], more: $together)), 'what lies beneath would be seen');
        self::assertSame(2, $pieces(Stack::plan($forms, [], ['usual' => (object) ['kind' => 'butted']], more: $together)));
        self::assertSame(2, $pieces(Stack::plan($forms, [], ['usual' => (object) ['kind' => 'gap', 'width' => 1_000]], more: $together)));
    }

    public function testAWayGoesRoundWhatIsNotCovered(): void
    {
        // A cover like a U: the straight way between its arms is open.
        $cover = Region::fromRings([[0, 0, 100_000, 0, 100_000, 60_000, 70_000, 60_000, 70_000, 30_000, 30_000, 30_000, 30_000, 60_000, 0, 60_000]]);
        $layer = (new Box(5_000, 50_000, 25_000, 62_000))->toRegion()->union((new Box(75_000, 50_000, 95_000, 62_000))->toRegion());
        $joined = Bands::join($layer, $cover, 1_500, 100);
        self::assertCount(1, $joined->pieces());
        self::assertTrue($joined->subtract($cover->union($layer))->isEmpty());
        // About as long as the shortest way round, 8 mm broad where there is room.
        $added = $joined->subtract($layer)->area();
        self::assertGreaterThan(6e6 * 62, $added);
        self::assertLessThan(6e6 * 115, $added);
        self::assertGreaterThan(4_000, 2 * $joined->intersect((new Box(40_000, 0, 60_000, 40_000))->toRegion())->inscribedRadius());
    }

    public function testWaysAreAsFewAndAsShortAsATreeNeeds(): void
    {
        $boxes = [[0, 0], [20, 0], [60, 0], [60, 25]];
        $box = (new Box(0, 0, 10_000, 10_000))->toRegion();
        $pieces = \array_map(static fn (array $at): Region => $box->transform(Affine::move(1_000 * $at[0], 1_000 * $at[1])), $boxes);
        $places = Places::in((new Box(-10_000, -10_000, 90_000, 50_000))->toRegion(), 1_000);
        $lengths = \array_map(static function (array $way): float {
            [$x, $y] = \array_slice($way, -2);

            return \hypot($x - $way[0], $y - $way[1]);
        }, Ways::between($pieces, $places));
        self::assertCount(3, $lengths);
        \sort($lengths);
        self::assertEqualsWithDelta([10_000, 15_000, 30_000], $lengths, 1_500);
    }

    public function testPlacesAreThePointsOfAnEvenGridInTheRegion(): void
    {
        $shield = Stack::plan([Stack::box('chalk', 0, 100, 50, 60, ['kind' => 'shield']), Stack::box('chalk', 60, 100, 30, 30, ['kind' => 'ring'])]);
        $region = $shield->separation->layers[0]->region;
        $places = Places::in($region, 1_700);
        $box = $region->bounds();
        self::assertNotNull($box);
        $inside = [];
        for ($row = 0; $box->bottom + $row * 1_700 <= $box->top; ++$row) {
            for ($column = 0; $box->left + $column * 1_700 <= $box->right; ++$column) {
                [$x, $y] = [$box->left + $column * 1_700, $box->bottom + $row * 1_700];
                if ($region->contains($x, $y)) {
                    $inside[] = "$x $y";
                }
            }
        }
        $found = \array_map(static fn (int $place): string => $places->x($place).' '.$places->y($place), \array_keys($places->inside));
        // Points on the edge may be in or out.
        $differ = [...\array_diff($inside, $found), ...\array_diff($found, $inside)];
        self::assertLessThan(0.01 * \count($inside), \count($differ));
        foreach ([0, 3] as $steps) {
            [$x, $y] = [$box->left + 20 * 1_700 + 300, $box->bottom + 15 * 1_700 - 300];
            $near = \array_filter(\array_keys($places->inside), static fn (int $place): bool => \abs($places->x($place) - $x) <= 300 + $steps * 1_700
                && \abs($places->y($place) - $y) <= 300 + $steps * 1_700);
            self::assertEqualsCanonicalizing(\array_values($near), $places->near($x, $y, $steps));
            self::assertCount((2 * $steps + 1) ** 2, $near);
        }
        self::assertSame([], $places->near($box->right + 90_000, $box->top, 3), 'no place of the next row is near one beside the grid');
        // At the left edge of the grid, nothing of the row before.
        foreach ($places->near($box->left, $box->bottom + 51_000, 2) as $place) {
            self::assertLessThanOrEqual($box->left + 2 * 1_700, $places->x($place));
        }
    }

    public function testABandIsRoundAtItsEndsAndAsBroadEverywhere(): void
    {
        // From the middle of a large cover to another: nothing else shapes the band.
        $layer = (new Box(0, 0, 2_000, 2_000))->toRegion()->union((new Box(50_000, 0, 52_000, 2_000))->toRegion());
        $joined = Bands::join($layer, (new Box(-60_000, -60_000, 110_000, 60_000))->toRegion(), 1_500, 100);
        self::assertCount(1, $joined->pieces());
        $box = $joined->bounds();
        self::assertNotNull($box);
        self::assertEqualsWithDelta(8_900, $box->height(), 950);
        self::assertEqualsWithDelta(48_000 + 8_000, $box->width(), 1_200);
        self::assertEqualsWithDelta(48e3 * 8e3 + \M_PI * 16e6, $joined->area(), 12e6);
        // As much of it round either end.
        $end = static fn (int $left): float => $joined->intersect((new Box($left, $box->bottom, $left + 8_000, $box->top))->toRegion())->area();
        self::assertEqualsWithDelta(1.0, $end($box->left) / $end($box->right - 8_000), 0.1);
    }

    public function testWhatNoCoverJoinsStaysAsItIs(): void
    {
        $layer = (new Box(0, 0, 10_000, 10_000))->toRegion()->union((new Box(40_000, 0, 50_000, 10_000))->toRegion());
        // One cover over each, and one between them that is too narrow for a band.
        $apart = (new Box(2_000, 2_000, 15_000, 20_000))->toRegion()->union((new Box(42_000, 2_000, 60_000, 20_000))->toRegion());
        self::assertEquals($layer, Bands::join($layer, $apart, 1_500, 1_000));
        self::assertEquals($layer, Bands::join($layer, (new Box(5_000, 5_000, 45_000, 7_500))->toRegion(), 1_500, 1_000));
        self::assertEquals($layer, Bands::join($layer, Region::empty(), 1_500, 1_000));
    }

    /** @return array<string, string> by GEOS: what is seen of each film when all layers are pressed */
    private static function seen(Plan $plan): array
    {
        $seen = [];
        $above = 'POLYGON EMPTY';
        foreach (\array_reverse($plan->separation->layers) as $layer) {
            $own = Geos::wkt($layer->region);
            $seen[$layer->film->id] = Geos::result('difference', $own, $above);
            $above = Geos::result('union', $own, $above);
        }

        return $seen;
    }

    private static function demo(string $design, bool $together): Plan
    {
        $document = Json::of((string) \file_get_contents(Designs::folder()."/$design.json"))->with('weeding', ['together' => $together]);

        return (new Planner(Letters::typeCase()))->plan((new DesignReader())->fromJson((string) $document));
    }
}
