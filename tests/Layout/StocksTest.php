<?php

declare(strict_types=1);

namespace Uvret\Tests\Layout;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;
use Uvret\Layout\Leftover;
use Uvret\Layout\Nest\Nested;
use Uvret\Layout\Nest\Nesting;
use Uvret\Layout\Nest\Piece;
use Uvret\Layout\Nest\Place;
use Uvret\Layout\Scraps;
use Uvret\Layout\Stock;
use Uvret\Layout\StockException;
use Uvret\Layout\Substitutes;
use Uvret\Tests\Support\Geos;

/** Rolls, sheets and scraps, and what is left of them. */
final class StocksTest extends TestCase
{
    /** @return iterable<string, array{int, int}> seed and gap */
    public static function seeds(): iterable
    {
        foreach ([1, 2, 3, 4, 5, 6] as $seed) {
            yield "random set $seed" => [$seed, [0, 1_500, 4_000][$seed % 3]];
        }
    }

    #[DataProvider('seeds')]
    public function testFramesLieInsideScrapsAndSheetsAndBesidePins(int $seed, int $gap): void
    {
        $random = new Randomizer(new Mt19937($seed));
        $scrap = self::polygon($random, 150_000);
        $stocks = [Stock::scrap('scrap', $scrap, 3_000), Stock::sheet('sheet', 200_000, 150_000, 5_000), Stock::roll('roll', 250_000, edge: 8_000)];
        $pieces = \array_map(static fn (): Piece => Piece::of(self::polygon($random, $random->getInt(15_000, 40_000)), [0, 90, 180]), \range(1, 16));
        $pinned = [
            new Place(Piece::of(self::polygon($random, 20_000)), 0, 31_457, 64_321, 'sheet'),
            new Place(Piece::of((new Box(0, 0, 51_111, 30_777))->toRegion()), 90, 20_123, 10_987, 'roll'),
        ];
        $nested = self::after($random->getInt(1, 40), $pieces, $stocks, $gap, $pinned);

        self::assertSame([], $nested->left);
        self::assertSame([], $nested->faults($gap));
        self::assertSame($pinned, \array_slice($nested->places, 0, 2), 'pins stay');
        self::assertCount(18, $nested->places);
        foreach ($stocks as $stock) {
            $frames = [];
            foreach ($nested->places as $place) {
                if ($place->stock === $stock->id) {
                    $frames[] = $frame = Geos::wkt($place->region());
                    self::assertLessThan(500.0, Geos::area(Geos::result('difference', $frame, Geos::wkt($stock->usable))), "on the $stock->id");
                }
            }
            foreach ($frames as $at => $frame) {
                foreach (\array_slice($frames, $at + 1) as $other) {
                    self::assertGreaterThanOrEqual(\max(0.0, $gap - 1.0), (float) Geos::result('distance', $frame, $other, 'txt'));
                }
            }
        }
    }

    public function testPiecesThatBelongTogetherStayAsTheyAre(): void
    {
        $two = (new Box(0, 0, 30_000, 20_000))->toRegion()->union((new Box(45_000, 35_000, 60_000, 70_000))->toRegion());
        $nested = self::after(30, [Piece::of($two), Piece::of($two), Piece::of((new Box(0, 0, 14_000, 30_000))->toRegion())], [Stock::roll('roll', 100_000)]);
        self::assertSame([], $nested->faults(0));
        foreach (\array_slice($nested->places, 0, 2) as $place) {
            self::assertSame($two->transform($place->map())->rings(), $place->region()->rings());
        }
    }

    public function testAFilmThatIsPatternedIsNotTurned(): void
    {
        $long = Piece::of((new Box(0, 0, 30_000, 90_000))->toRegion(), [0, 180]);
        self::assertSame(90_000, self::after(9, [$long], [Stock::roll('roll', 100_000)])->length);
        self::assertSame([$long], self::after(9, [$long], [Stock::sheet('sheet', 100_000, 80_000)])->left);
    }

    public function testTheFewestSheetsAreUsed(): void
    {
        $sheets = \array_map(static fn (int $at): Stock => Stock::sheet("$at", 305_000, 305_000, 2_500), \range(1, 6));
        $pieces = \array_map(static fn (): Piece => Piece::of((new Box(0, 0, 150_000, 100_000))->toRegion()), \range(1, 7));
        $nested = self::after(20, $pieces, $sheets);
        self::assertCount(2, $nested->films());
        // Six fill a sheet, and the second one is cut off behind the seventh.
        self::assertSame(305_000 + 2_500 + 100_000, $nested->length);
        self::assertSame([$sheets[0]->outline->area(), 305_000.0 * 102_500.0], \array_map(static fn ($use): float => $use->film->area(), $nested->films()));
    }

    public function testAScrapIsUsedWhereItSavesFilmAndLeftWhereItWouldBeSpoiled(): void
    {
        $roll = Stock::roll('roll', 300_000);
        $small = Stock::scrap('small', (new Box(0, 0, 120_000, 50_000))->toRegion());
        $large = Stock::scrap('large', (new Box(0, 0, 290_000, 290_000))->toRegion());
        $odd = Stock::scrap('odd', (new Box(0, 0, 20_000, 400_000))->toRegion());
        $name = Piece::of((new Box(0, 0, 110_000, 45_000))->toRegion());

        $ids = static fn (array $stocks): array => \array_column($stocks, 'id');
        self::assertSame(['small', 'roll'], $ids(Scraps::before([$roll], [$name], [$large, $small, $odd], 0, 60_000)));
        // A quarter of a large scrap may go where the rest is still worth keeping.
        self::assertSame(['large', 'roll'], $ids(Scraps::before([$roll], [$name], [$large, $odd], 0, 60_000)));
        // Nothing that is worth keeping would be left of it, and the piece just fits the width of a narrow roll.
        $cross = Piece::of((new Box(0, 0, 150_000, 150_000))->toRegion());
        $narrow = Stock::roll('roll', 160_000);
        self::assertSame(['roll'], $ids(Scraps::before([$narrow], [$cross], [$large], 0, 190_000)));
        self::assertSame(['large', 'roll'], $ids(Scraps::before([$roll], [$cross], [$large], 0, 190_000)), 'waste of a scrap costs less than of a roll');
        $pinned = [new Place($cross, 0, 1_000, 1_000, 'large')];
        self::assertSame(['large', 'roll'], $ids(Scraps::before([$roll], [$cross], [$large], 0, 190_000, $pinned)), 'a pin keeps its scrap');
        self::assertSame(['large', 'roll'], $ids(Scraps::before([$roll], [], [$large, $small], 0, 190_000, $pinned)));
    }

    public function testWhatRunsShortMayFitOnOtherScraps(): void
    {
        $scraps = [
            Stock::scrap('wide', (new Box(0, 0, 230_000, 60_000))->toRegion()),
            Stock::scrap('narrow', (new Box(0, 0, 40_000, 300_000))->toRegion()),
            Stock::scrap('small', (new Box(0, 0, 30_000, 30_000))->toRegion()),
        ];
        $pieces = \array_fill(0, 5, Piece::of((new Box(0, 0, 70_000, 40_000))->toRegion()));
        self::assertSame(['wide' => 3, 'narrow' => 4], Substitutes::fit($pieces, $scraps, 0));
        self::assertSame([], Substitutes::fit([], $scraps, 0));
    }

    public function testWhatIsLeftIsKeptWhereItIsWideEnough(): void
    {
        $film = (new Box(0, 0, 300_000, 200_000))->toRegion();
        $frames = [(new Box(0, 0, 200_000, 130_000))->toRegion(), (new Box(220_000, 0, 300_000, 200_000))->toRegion()];
        [$kept] = $all = Leftover::of($film, $frames, 60_000);
        self::assertCount(1, $all);
        // The strip above; the alley of 20 mm is not worth keeping.
        self::assertEquals(new Box(0, 130_000, 220_000, 200_000), $kept->bounds());
        self::assertEqualsWithDelta(220_000.0 * 70_000, $kept->area(), 1e5);
        self::assertSame([], Leftover::of($film, $frames, 71_000));
        self::assertSame([], Leftover::of($film, [$film], 10));

        // An opening never gives back what was cut out.
        $round = Region::fromRings([[0, 0, 100_000, 20_000, 150_000, 140_000, 40_000, 90_000]]);
        $cut = $round->transform(Affine::move(60_000, 30_000));
        foreach (Leftover::of($film, [$cut], 25_000) as $piece) {
            // Corners are whole micrometres.
            self::assertLessThan(500.0, Geos::area(Geos::result('intersection', Geos::wkt($piece), Geos::wkt($cut))));
        }
    }

    public function testUnusableEdgesLieBesideARollAndAllRoundSheetsAndScraps(): void
    {
        $roll = Stock::roll('roll', 300_000, 900_000, 10_000);
        self::assertEquals(new Box(10_000, 0, 290_000, 900_000), $roll->usable->bounds());
        self::assertSame([300_000, 900_000], [$roll->width(), $roll->length()]);
        self::assertEquals(new Box(4_000, 4_000, 296_000, 196_000), Stock::sheet('sheet', 300_000, 200_000, 4_000)->usable->bounds());
        $scrap = Stock::scrap('scrap', Region::fromRings([[50_000, 70_000, 150_000, 70_000, 150_000, 130_000]]), 2_000);
        self::assertEquals(new Box(0, 0, 100_000, 60_000), $scrap->outline->bounds());
        self::assertGreaterThanOrEqual(1_990.0, (float) Geos::result('distance', Geos::wkt($scrap->usable), 'LINESTRING (0 0, 100000 60000)', 'txt'));
        self::assertSame([true, true, false], [$roll->isStraight(), Stock::sheet('sheet', 9_000, 9_000)->isStraight(), $scrap->isStraight()]);
    }

    public function testAFilmWithoutUsableAreaIsRefused(): void
    {
        foreach ([
            static fn (): Stock => Stock::roll('Chalk', 20_000, edge: 10_000),
            static fn (): Stock => Stock::roll('Chalk', 20_000, 0),
            static fn (): Stock => Stock::sheet('Chalk', 300_000, 20_000, 10_000),
            static fn (): Stock => Stock::scrap('Chalk', (new Box(0, 0, 20_000, 9_000))->toRegion(), 5_000),
            static fn (): Stock => Stock::scrap('Chalk', Region::empty()),
        ] as $make) {
            try {
                $make();
                self::fail('It is taken.');
            } catch (StockException $e) {
                self::assertStringContainsString('Chalk', $e->getMessage());
            }
        }
    }

    /**
     * @param list<Piece> $pieces
     * @param list<Stock> $stocks
     * @param list<Place> $pinned
     */
    private static function after(int $steps, array $pieces, array $stocks, int $gap = 0, array $pinned = []): Nested
    {
        $all = Nesting::steps($pieces, $stocks, $gap, 1, $pinned);
        $nested = $all->current();
        for (; $steps > 0 && $all->valid(); --$steps, $all->next()) {
            $nested = $all->current();
        }

        return $nested;
    }

    /** A star-shaped polygon with its corners at random. */
    private static function polygon(Randomizer $random, int $radius): Region
    {
        $ring = [];
        for ($corner = 0; $corner < 9; ++$corner) {
            $far = $radius * $random->getInt(45, 100) / 100;
            \array_push($ring, (int) ($far * \cos($corner * \M_PI / 4.5)), (int) ($far * \sin($corner * \M_PI / 4.5)));
        }

        return Region::fromRings([$ring]);
    }
}
