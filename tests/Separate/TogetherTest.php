<?php

declare(strict_types=1);

namespace Uvret\Tests\Separate;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Design\DesignReader;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;
use Uvret\Plan\Plan;
use Uvret\Plan\Planner;
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
        $joined = Bands::join($layer, $cover, 1_500);
        self::assertCount(1, $joined->pieces());
        self::assertTrue($joined->subtract($cover->union($layer))->isEmpty());
        // About as long as the shortest way round, 6 mm broad.
        $added = $joined->subtract($layer)->area();
        self::assertGreaterThan(6e6 * 80, $added);
        self::assertLessThan(6e6 * 115, $added);
        self::assertGreaterThan(5_000, 2 * $joined->intersect((new Box(40_000, 0, 60_000, 40_000))->toRegion())->inscribedRadius());
    }

    public function testWaysAreAsFewAndAsShortAsATreeNeeds(): void
    {
        $boxes = [[0, 0], [20, 0], [60, 0], [60, 25]];
        $pieces = \array_map(static fn (array $at): Region => (new Box(1_000 * $at[0], 1_000 * $at[1], 1_000 * $at[0] + 10_000, 1_000 * $at[1] + 10_000))->toRegion(), $boxes);
        $places = Places::in((new Box(-10_000, -10_000, 90_000, 50_000))->toRegion(), 1_000);
        $lengths = \array_map(static fn (array $way): float => \hypot($way[\count($way) - 2] - $way[0], $way[\count($way) - 1] - $way[1]), Ways::between($pieces, $places));
        self::assertCount(3, $lengths);
        \sort($lengths);
        self::assertEqualsWithDelta([10_000, 15_000, 30_000], $lengths, 1_500);
    }

    public function testWhatNoCoverJoinsStaysAsItIs(): void
    {
        $layer = (new Box(0, 0, 10_000, 10_000))->toRegion()->union((new Box(40_000, 0, 50_000, 10_000))->toRegion());
        // One cover over each, and one between them that is too narrow for a band.
        $apart = (new Box(2_000, 2_000, 15_000, 20_000))->toRegion()->union((new Box(42_000, 2_000, 60_000, 20_000))->toRegion());
        self::assertEquals($layer, Bands::join($layer, $apart, 1_500));
        self::assertEquals($layer, Bands::join($layer, (new Box(5_000, 5_000, 45_000, 7_500))->toRegion(), 1_500));
        self::assertEquals($layer, Bands::join($layer, Region::empty(), 1_500));
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
