<?php

declare(strict_types=1);

namespace Uvret\Tests\Separate;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Uvret\Geometry\Box;
use Uvret\Geometry\Measure\EdgeIndex;
use Uvret\Geometry\Region;
use Uvret\Separate\Underlap;

final class UnderlapTest extends TestCase
{
    public function testItIsTheSameWhereTheLowerFilmSurroundsTheUpperOne(): void
    {
        $dice = new Randomizer(new Mt19937(7));
        for ($round = 0; $round < 12; ++$round) {
            $upper = Region::empty()->union(...\array_map(static fn (): Region => self::box($dice), \range(1, 6)));
            $lower = $upper->offset(3_000)->subtract($upper);
            self::assertTrue((new EdgeIndex($lower))->surrounds($upper));
            $underlap = new Underlap($lower);
            [$beneath, $behind] = $underlap->parted($upper, 1_000);
            // Every way round: what is near the lower film, grown and cut by the upper one.
            $grown = $lower->offset(1_000)->intersect($upper);
            self::assertLessThan(6.0, 2 * $beneath->exclusive($grown)->inscribedRadius(), 'only as chords of rounded corners differ, in µm');
            self::assertSame([], $behind->intersect($beneath)->rings());
            self::assertEqualsWithDelta($upper->area(), $beneath->area() + $behind->area(), 2.0);
        }
    }

    public function testAnEdgeThatIsOpenSomewhereIsNotSurrounded(): void
    {
        $upper = (new Box(0, 0, 40_000, 20_000))->toRegion();
        $round = $upper->offset(3_000)->subtract($upper);
        $open = $round->subtract((new Box(10_000, 19_000, 20_000, 30_000))->toRegion());
        self::assertTrue((new EdgeIndex($round))->surrounds($upper));
        self::assertFalse((new EdgeIndex($open))->surrounds($upper));
        self::assertFalse((new EdgeIndex($round))->surrounds(Region::empty()));
        self::assertFalse((new EdgeIndex($upper))->surrounds($upper), 'from the same side is not from the other');
        [$beneath, $behind] = (new Underlap($open))->parted($upper, 1_000);
        self::assertFalse($beneath->contains(15_000, 19_900), 'nothing runs beneath where the fabric begins');
        self::assertTrue($beneath->contains(15_000, 100));
        self::assertTrue($upper->subtract($beneath)->exclusive($behind)->isEmpty());
    }

    public function testOnlyWhatHangsTogetherWithTheEdgeRunsOnBeneath(): void
    {
        // A bar below the plate, and another 0.4 mm above it that does not touch it, but is near.
        $lower = (new Box(0, -5_000, 40_000, 0))->toRegion()->union((new Box(0, 20_400, 40_000, 25_000))->toRegion());
        $upper = (new Box(0, 0, 40_000, 20_000))->toRegion()->union((new Box(60_000, 0, 80_000, 20_000))->toRegion());
        [$beneath, $behind] = (new Underlap($lower))->parted($upper, 1_000);
        self::assertSame((new Box(0, 0, 40_000, 1_000))->toRegion()->rings(), $beneath->rings());
        self::assertSame($upper->subtract($beneath)->rings(), $behind->rings());
        self::assertSame([[], $upper->rings()], \array_map(static fn (Region $part): array => $part->rings(), (new Underlap($lower))->parted($upper, 0)));
    }

    public function testItKeepsUppersAndTrapsApart(): void
    {
        $tile = static fn (int $x, int $width): Region => (new Box($x, 0, $x + $width, 10_000))->toRegion();
        // Lower and upper tiles side by side; each upper film touches other lower tiles.
        $lower = Region::empty()->union(...\array_map(static fn (int $at): Region => $tile(20_000 * $at, 5_000), \range(0, 5)));
        $uppers = \array_map(static fn (int $at): Region => $tile(20_000 * $at + 5_000, 9_000), \range(0, 5));
        $uppers[] = Region::empty()->union(...$uppers);
        $shared = new Underlap($lower);
        foreach ([...$uppers, ...\array_reverse($uppers)] as $number => $upper) {
            foreach (0 === $number % 2 ? [500, 2_000] : [2_000, 700] as $trap) {
                [$beneath, $behind] = $shared->parted($upper, $trap);
                self::assertSame($trap * 10_000.0 * \count($upper->pieces()), $beneath->area(), "upper film $number, trap $trap");
                self::assertSame($upper->subtract($beneath)->rings(), $behind->rings());
            }
        }
    }

    private static function box(Randomizer $dice): Region
    {
        [$x, $y] = [$dice->getInt(0, 60_000), $dice->getInt(0, 20_000)];

        return (new Box($x, $y, $x + $dice->getInt(4_000, 30_000), $y + $dice->getInt(4_000, 30_000)))->toRegion();
    }
}
