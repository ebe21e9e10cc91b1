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
use Uvret\Layout\Boxes;
use Uvret\Layout\Nest\FilmRows;
use Uvret\Layout\Nest\Nested;
use Uvret\Layout\Nest\Nesting;
use Uvret\Layout\Nest\NestPolygon;
use Uvret\Layout\Nest\Piece;
use Uvret\Layout\Nest\Place;
use Uvret\Layout\Nest\Raster;
use Uvret\Layout\Nest\Slide;
use Uvret\Layout\Stock;
use Uvret\Tests\Support\Geos;
use Uvret\Tests\Support\Stack;

/** Frames on a film by their shapes. */
final class NestingTest extends TestCase
{
    /** @return iterable<string, array{int, int, list<int>, int}> seed, gap, turns, steps */
    public static function sets(): iterable
    {
        yield 'as they are, edge to edge' => [1, 0, [0], 3];
        yield 'any quarter, edge to edge' => [2, 0, [0, 90, 180, 270], 8];
        yield 'any quarter, with a gap' => [3, 3_000, [0, 90, 180, 270], 8];
        yield 'a patterned film' => [4, 1_000, [0, 180], 6];
        yield 'aslant' => [5, 0, [0, 30, 45, 200], 6];
    }

    /** @param list<int> $turns */
    #[DataProvider('sets')]
    public function testFramesLieOnTheFilmAndApartByTheirTrueShapes(int $seed, int $gap, array $turns, int $steps): void
    {
        $pieces = \array_map(static fn (Region $frame): Piece => Piece::of($frame, $turns), self::frames($seed));
        $nested = self::after($steps, $pieces, 300_000, $gap);
        self::assertCount(\count($pieces), $nested->places);
        self::assertSame([], $nested->faults($gap));
        // Nobody is lost, and GEOS finds no two in one place.
        $laid = \array_map(static fn (Place $place): Piece => $place->piece, $nested->places);
        foreach ($pieces as $piece) {
            self::assertContains($piece, $laid);
        }
        $all = \array_map(static fn (Place $place): string => Geos::wkt($place->region()), $nested->places);
        $together = \array_reduce($all, static fn (string $sum, string $one): string => Geos::result('union', $sum, $one), 'POLYGON EMPTY');
        $areas = \array_sum(\array_map(static fn (Place $place): float => $place->region()->area(), $nested->places));
        self::assertEqualsWithDelta(1.0, Geos::area($together) / $areas, 1e-5);
        foreach ($nested->places as $place) {
            self::assertContains($place->turn, $turns);
        }
        // The same seed and steps give the same layout.
        $again = \array_map(static fn (Region $frame): Piece => Piece::of($frame, $turns), self::frames($seed));
        self::assertSame($nested->length, self::after($steps, $again, 300_000, $gap)->length);
    }

    public function testItGetsBetterAndNeverWorse(): void
    {
        $pieces = \array_map(static fn (Region $frame): Piece => Piece::of($frame), self::frames(7));
        $lengths = [];
        foreach (Nesting::steps($pieces, [Stock::roll('roll', 260_000)]) as $best) {
            $lengths[] = $best->length;
            if (60 === \count($lengths)) {
                break;
            }
        }
        $sorted = $lengths;
        \rsort($sorted);
        self::assertSame($sorted, $lengths);
        self::assertLessThan($lengths[0], $lengths[59]);
    }

    public function testWhatIsWiderThanTheFilmIsTold(): void
    {
        $wide = Piece::of((new Box(0, 0, 300_000, 20_000))->toRegion(), [0]);
        self::assertSame([$wide], self::after(1, [$wide], 200_000, 0)->left);
        $turned = Piece::of((new Box(0, 0, 300_000, 20_000))->toRegion(), [0, 90]);
        self::assertSame(300_000, self::after(1, [$turned], 200_000, 0)->length);
    }

    public function testRectanglesThatFillAFilmFillIt(): void
    {
        $pieces = [];
        foreach ([[200, 100], [100, 100], [50, 60], [250, 60], [300, 40]] as [$wide, $high]) {
            $pieces[] = Piece::of((new Box(0, 0, 1_000 * $wide, 1_000 * $high))->toRegion(), [0]);
        }
        $nested = self::after(12, $pieces, 300_000, 0);
        self::assertSame(200_000, $nested->length);
        self::assertEqualsWithDelta(1.0, $nested->covered(), 1e-9);
    }

    public function testSmallFramesLieInTheEmptyMiddlesOfLargeOnes(): void
    {
        $ring = (new Box(0, 0, 200_000, 200_000))->toRegion()->subtract((new Box(20_000, 20_000, 180_000, 180_000))->toRegion());
        $small = (new Box(0, 0, 70_000, 70_000))->toRegion();
        $pieces = [Piece::of($ring), ...\array_map(static fn (): Piece => Piece::of($small), \range(1, 4))];
        self::assertSame(200_000, self::after(2, $pieces, 200_000, 0)->length);
        self::assertSame(200_000 + 140_000, Boxes::length(\array_map(self::box(...), $pieces), 200_000, 0));
    }

    public function testARasterHoldsEveryCellThatAShapeTouchesAndNoOther(): void
    {
        foreach (self::frames(9) as $frame) {
            $box = $frame->bounds();
            self::assertNotNull($box);
            $shape = $frame->transform(Affine::move(-$box->left, -$box->bottom));
            $raster = Raster::of($shape, 3_000, 3_000);
            for ($row = 0; $row < $raster->height(); ++$row) {
                for ($column = 0; $column < $raster->columns; ++$column) {
                    $cell = (new Box(3_000 * $column, 3_000 * $row, 3_000 * $column + 3_000, 3_000 * $row + 3_000))->toRegion();
                    $in = false;
                    for ($i = 0, $count = \count($raster->rows[$row]); $i < $count; $i += 2) {
                        $in = $in || ($column >= $raster->rows[$row][$i] && $column < $raster->rows[$row][$i + 1]);
                    }
                    $area = $shape->intersect($cell)->area();
                    $in ? self::assertGreaterThanOrEqual(0.0, $area) : self::assertLessThan(1_000.0, $area, "$column, $row");
                    $area > 1_000 ? self::assertTrue($in) : null;
                }
            }
        }
    }

    /** Against looking at every place one by one. */
    public function testTheFirstPlaceIsTheLowestAndLeftmost(): void
    {
        $random = new Randomizer(new Mt19937(3));
        $shapes = \array_map(static function (Region $frame): Raster {
            $box = $frame->bounds() ?? throw new \LogicException('A frame has an area.');

            return Raster::of($frame->transform(Affine::move(-$box->left, -$box->bottom)), 4_000, 4_000);
        }, [...self::frames(11), ...self::frames(12)]);
        $film = new FilmRows(90);
        $taken = [];
        foreach ($shapes as $shape) {
            $place = $film->place($shape, 0, 10_000);
            $slow = null;
            for ($row = 0; null === $slow; ++$row) {
                for ($column = 0; $column <= 90 - $shape->columns && null === $slow; ++$column) {
                    $free = true;
                    foreach (self::cells($shape, $row, $column) as $cell) {
                        $free = $free && !isset($taken[$cell]);
                    }
                    $slow = $free ? [$row, $column] : null;
                }
            }
            self::assertSame($slow, $place);
            // Somewhere else now and then, so that there are gaps.
            [$row, $column] = 0 === $random->getInt(0, 2) ? [$film->end() + $random->getInt(0, 3), 0] : $place;
            $film->take($shape, $row, $column);
            foreach (self::cells($shape, $row, $column) as $cell) {
                $taken[$cell] = true;
            }
        }
        self::assertNull($film->place($shapes[0], 0, $shapes[0]->height() - 1), 'nothing ends so low');
    }

    public function testFramesSlideUntilTheyTouch(): void
    {
        $wedge = Piece::of(Region::fromRings([[0, 0, 40_000, 0, 40_000, 40_000]]), [0, 180]);
        $places = [new Place($wedge, 0, 0, 0), new Place($wedge, 180, 0, 30_000)];
        // Down a slope of 45°: corner to edge.
        [, $slid] = Slide::down($places, [Stock::roll('', 200_000)], 0);
        self::assertEqualsWithDelta(0, $slid->y, 3);
        // Beside one another nothing stands in the way; a gap is kept.
        [, $beside] = Slide::down([$places[0], new Place($wedge, 0, 40_000, 25_000)], [Stock::roll('', 200_000)], 0);
        self::assertEqualsWithDelta(0, $beside->y, 3);
        [, $alone] = Slide::down([$places[0], new Place($wedge, 0, 90_000, 25_000)], [Stock::roll('', 200_000)], 0);
        self::assertSame(0, $alone->y);
        [, $apart] = Slide::down([$places[0], new Place($wedge, 180, 0, 30_000)], [Stock::roll('', 200_000)], 5_000);
        self::assertEqualsWithDelta(5_000 * \M_SQRT2, $apart->y, 60);
    }

    public function testWhatHangsOverOthersStopsAtThemHoweverLowItBegins(): void
    {
        $hook = Piece::of(Region::fromRings([[0, 0, 10_000, 0, 10_000, 40_000, 60_000, 40_000, 60_000, 50_000, 0, 50_000]]), [0]);
        $box = Piece::of((new Box(0, 0, 20_000, 15_000))->toRegion(), [0]);
        $slid = Slide::down([new Place($hook, 0, 0, 30_000), new Place($box, 0, 30_000, 45_000)], [Stock::roll('', 100_000)], 0);
        self::assertSame([], (new Nested($slid, [Stock::roll('', 100_000)]))->faults(0));
        // Once the box is down, the hook can follow.
        self::assertEqualsWithDelta([0, 0], [$slid[0]->y, $slid[1]->y], 5);
    }

    public function testAnOutlineHoldsItsFrameWithFewPoints(): void
    {
        foreach (Stack::plan(
            [Stack::box('chalk', 0, 100, 120, 60, ['kind' => 'heart']), Stack::box('chalk', 100, 100, 90, 90, ['kind' => 'ring'])],
            more: ['weeding' => (object) ['frame' => 'hugging', 'around' => 'card']],
        )->cutPlan->sheets[0]->frame->pieces() as $frame) {
            $few = NestPolygon::around($frame);
            self::assertTrue($frame->subtract($few)->isEmpty());
            self::assertLessThan($frame->vertexCount() / 3, $few->vertexCount());
            self::assertTrue($few->subtract($frame->offset(125))->isEmpty());
            self::assertCount(\count($frame->rings()), $few->rings());
        }
        $box = (new Box(0, 0, 10_000, 5_000))->toRegion();
        self::assertSame($box, NestPolygon::around($box));
    }

    public function testBoxesArePackedAsWellAsTheBestOfFourOrders(): void
    {
        $boxes = \array_map(static fn (array $size): Box => new Box(0, 0, $size[0], $size[1]), [[60, 40], [40, 40], [50, 20], [50, 20], [100, 10]]);
        self::assertSame(70, Boxes::length($boxes, 100, 0, false));
        self::assertSame(40 + 2 + 20 + 2 + 10, Boxes::length($boxes, 102, 2, false));
        self::assertSame(30, Boxes::length([new Box(0, 0, 30, 100)], 100, 0));
        self::assertSame(100, Boxes::length([new Box(0, 0, 30, 100)], 100, 0, false));
    }

    public function testWhatIsWrongWithALayoutIsFound(): void
    {
        $box = Piece::of((new Box(0, 0, 20_000, 20_000))->toRegion());
        $circle = Piece::of(Stack::plan([Stack::box('chalk', 0, 100, 40, 40, ['kind' => 'circle'])], more: [
            'weeding' => (object) ['frame' => 'hugging', 'around' => 'layer', 'distance' => 4_000],
        ])->cutPlan->sheets[0]->frame);
        $roll = [Stock::roll('', 100_000, edge: 5_000), Stock::roll('other', 100_000)];
        $faults = static fn (int $gap, Place ...$places): array => (new Nested(\array_values($places), $roll))->faults($gap);
        $first = new Place($box, 0, 10_000, 0);

        self::assertSame([], $faults(0, $first, new Place($box, 90, 30_000, 0)));
        self::assertSame(['0 and 1 are too near each other'], $faults(0, $first, new Place($box, 0, 29_990, 19_990)));
        self::assertSame([], $faults(0, $first, new Place($box, 0, 29_990, 19_990, 'other')), 'on another film');
        self::assertSame(['0 and 1 are too near each other'], $faults(1_000, $first, new Place($box, 0, 30_990, 0)));
        self::assertSame([], $faults(1_000, $first, new Place($box, 0, 31_000, 0)));
        self::assertSame(['0 does not lie on the film'], $faults(0, new Place($box, 0, 4_999, 0)));
        self::assertSame(['0 does not lie on the film'], $faults(0, new Place($box, 0, 5_000, -1)));
        // Outlines may overlap by what they have more than their frames.
        $wide = $circle->turned(0)->bounds()->right ?? 0;
        $other = new Place($circle, 0, 10_000, $wide - 60);
        self::assertTrue((new Place($circle, 0, 10_000, 0))->outline()->overlaps($other->outline()));
        self::assertSame([], $faults(0, new Place($circle, 0, 10_000, 0), $other));
        self::assertSame(['0 and 1 are too near each other'], $faults(0, new Place($circle, 0, 10_000, 0), new Place($circle, 0, 10_000, $wide - 300)));
    }

    /** Against the same rule column by column. */
    public function testBoxesRestOnTheSkyline(): void
    {
        $random = new Randomizer(new Mt19937(21));
        for ($set = 0; $set < 25; ++$set) {
            $sizes = \array_map(static fn (): array => [$random->getInt(3, 40), $random->getInt(3, 40)], \range(1, 14));
            $least = \PHP_INT_MAX;
            foreach ([
                static fn (int $wide, int $high): int => $wide * $high,
                static fn (int $wide, int $high): int => \max($wide, $high),
                static fn (int $wide, int $high): int => \min($wide, $high),
                static fn (int $wide, int $high): int => $wide + $high,
            ] as $measure) {
                // One order follows from the other where sizes are equal.
                \usort($sizes, static fn (array $a, array $b): int => $measure(...$b) <=> $measure(...$a));
                $least = \min($least, self::columns($sizes, 100));
            }
            $boxes = \array_map(static fn (array $size): Box => new Box(0, 0, ...$size), $sizes);
            self::assertSame($least, Boxes::length($boxes, 100, 0, false));
        }
    }

    /** @param list<array{int, int}> $sizes */
    private static function columns(array $sizes, int $width): int
    {
        $heights = \array_fill(0, $width, 0);
        foreach ($sizes as [$wide, $high]) {
            $best = [\PHP_INT_MAX, 0, 0];
            for ($x = 0; $x <= $width - $wide; ++$x) {
                if (0 === $x || $heights[$x] !== $heights[$x - 1]) {
                    $y = \max([0, ...\array_slice($heights, $x, $wide)]);
                    $best = \min($best, [$y + $high, $y, $x]);
                }
            }
            \array_splice($heights, $best[2], $wide, \array_fill(0, $wide, $best[0]));
        }

        return \max([0, ...$heights]);
    }

    /** @return list<string> */
    private static function cells(Raster $shape, int $row, int $column): array
    {
        $cells = [];
        foreach ($shape->rows as $at => $spans) {
            for ($i = 0, $count = \count($spans); $i < $count; $i += 2) {
                for ($cell = $spans[$i]; $cell < $spans[$i + 1]; ++$cell) {
                    $cells[] = ($row + $at).' '.($column + $cell);
                }
            }
        }

        return $cells;
    }

    /** @param list<Piece> $pieces */
    private static function after(int $steps, array $pieces, int $width, int $gap): Nested
    {
        return self::on([Stock::roll('roll', $width)], $pieces, $gap, $steps);
    }

    /**
     * @param list<Stock> $stocks
     * @param list<Piece> $pieces
     * @param list<Place> $pinned
     */
    private static function on(array $stocks, array $pieces, int $gap = 0, int $steps = 6, array $pinned = []): Nested
    {
        foreach (Nesting::steps($pieces, $stocks, $gap, 1, $pinned) as $nested) {
            if (0 === --$steps) {
                return $nested;
            }
        }
        self::assertNotNull($nested ?? null);

        return $nested;
    }

    private static function box(Piece $piece): Box
    {
        return $piece->frame->bounds() ?? throw new \LogicException('A frame has an area.');
    }

    /** @return list<Region> frames round some forms at random */
    private static function frames(int $seed): array
    {
        $random = new Randomizer(new Mt19937($seed));
        $kinds = ['rectangle', 'circle', 'star', 'heart', 'ring', 'shield'];
        $frames = [];
        for ($i = 0; $i < 12; ++$i) {
            $form = Stack::box('chalk', 0, 200, $random->getInt(25, 110), $random->getInt(25, 90), [
                'kind' => $kinds[$random->getInt(0, 5)],
                'turn' => $random->getInt(0, 1) * $random->getInt(-40, 40),
                'proportional' => false,
            ]);
            $frames[] = Stack::plan([$form], more: ['weeding' => (object) ['frame' => 0 === $i % 3 ? 'rectangle' : 'hugging']])->cutPlan->sheets[0]->frame;
        }

        return $frames;
    }
}
