<?php

declare(strict_types=1);

namespace Uvret\Tests\Press;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Uvret\Design\BrimRing;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;
use Uvret\Press\Platen;
use Uvret\Press\Section;
use Uvret\Press\Sections;

final class SectionsTest extends TestCase
{
    private const OVERLAP = 20_000;

    public function testWhatFitsIsPressedOnceInItsMiddle(): void
    {
        $sections = self::of(self::letters([[0, 380_000]]), 380_000);
        self::assertEquals([new Section(190_000, 25_000, 380_000, 380_000)], $sections);
        self::assertCount(2, self::of(self::letters([[0, 380_001]]), 380_000));
        self::assertSame([], self::of(Region::empty(), 380_000));
        // Too long one way, it is in the middle of the platen the other way.
        self::assertSame([25_000, 25_000], \array_column(self::of(self::letters([[0, 560_000]]), 380_000), 'y'));
    }

    public function testEdgesGoBetweenLettersWhereTheyCan(): void
    {
        $letters = [];
        for ($at = 0; $at < 14; ++$at) {
            $letters[] = [$at * 40_000, $at * 40_000 + 34_000];
        }
        $sections = self::of(self::letters($letters), 380_000);
        self::assertCount(2, $sections);
        self::assertSame([false, false], \array_column($sections, 'cuts'));
        // The second begins with a letter that the first still covers.
        $begin = $sections[1]->x - 190_000;
        self::assertSame(0, $begin % 40_000);
        self::assertGreaterThanOrEqual(self::OVERLAP, 380_000 - $begin);
        self::assertLessThanOrEqual(380_000 - self::OVERLAP, $begin);
        // And with the first one that the platen reaches to the end from: 14 letters end at 554 mm.
        self::assertSame(200_000, $begin);
        // One letter wider than the platen is cut across, and that is said.
        $wide = self::of(self::letters([[0, 560_000]]), 380_000);
        self::assertSame([true, true], \array_column($wide, 'cuts'));
        self::assertSame(360_000, $wide[1]->x - $wide[0]->x);
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (\range(1, 12) as $seed) {
            yield "seed $seed" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function testAllFilmIsInSectionsAndNeighboursOverlap(int $seed): void
    {
        $dice = new Randomizer(new Mt19937($seed));
        $boxes = [];
        for ($piece = 0; $piece < 25; ++$piece) {
            [$x, $y] = [$dice->getInt(0, 900_000), $dice->getInt(0, 700_000)];
            $boxes[] = (new Box($x, $y, $x + $dice->getInt(2_000, 90_000), $y + $dice->getInt(2_000, 90_000)))->toRegion();
        }
        $film = Region::empty()->union(...$boxes);
        $sections = self::of($film, 300_000);
        $covered = Region::empty()->union(...\array_map(static fn (Section $section): Region => $section->region(), $sections));
        self::assertTrue($film->subtract($covered)->isEmpty());
        $columns = \array_values(\array_unique(\array_column($sections, 'x')));
        \sort($columns);
        foreach (\array_slice($columns, 1) as $at => $x) {
            self::assertLessThanOrEqual(300_000 - self::OVERLAP, $x - $columns[$at]);
        }
    }

    /** @return iterable<string, array{float, float, int}> first and last angle of letters on a brim, width of the platen */
    public static function arcs(): iterable
    {
        yield 'the front' => [200.0, 340.0, 150_000];
        yield 'over the seam of angles' => [120.0, 250.0, 150_000];
        yield 'nearly all round' => [-80.0, 250.0, 120_000];
        yield 'a small platen' => [200.0, 340.0, 60_000];
    }

    #[DataProvider('arcs')]
    public function testOnABrimThePlatenGoesRound(float $from, float $to, int $width): void
    {
        $letters = [];
        for ($angle = $from; $angle < $to; $angle += 7.0) {
            $letters[] = (new Box(-4_000, 128_000, 4_000, 144_000))->toRegion()->transform(Affine::turn($angle - 90.0));
        }
        $film = Region::empty()->union(...$letters);
        $sections = (new Sections(new Platen('small', $width, 60_000), 10))->of($film, new BrimRing(175_000, 103_000));
        self::assertGreaterThan(1, \count($sections));
        $covered = Region::empty()->union(...\array_map(static fn (Section $section): Region => $section->region(), $sections));
        self::assertTrue($film->subtract($covered)->isEmpty());
        foreach ($sections as $section) {
            $angle = \rad2deg(\atan2($section->y, $section->x)) - 90.0;
            self::assertEqualsWithDelta(1.0, \cos(\deg2rad($angle - $section->turn)), 1e-6, 'its side is along the brim');
            self::assertFalse($section->cuts);
        }
    }

    public function testOnABrimThePlatenReachesFromTheOuterToTheInnerRadius(): void
    {
        // Solid from 180 to 360 degrees, 16 mm broad: nothing to go between, so places follow from the measures alone.
        $ring = static fn (int $radius): Region => (new Box(-$radius, -$radius, $radius, $radius))->toRegion()->intersect(
            Region::fromRings([\array_merge(...\array_map(static fn (int $at): array => [
                (int) \round($radius * \cos(\deg2rad($at))), (int) \round($radius * \sin(\deg2rad($at))),
            ], \range(0, 359)))]),
        );
        $band = $ring(144_000)->subtract($ring(128_000))->intersect((new Box(-200_000, -200_000, 200_000, 0))->toRegion());
        $sections = (new Sections(new Platen('small', 150_000, 60_000), 2_000))->of($band, new BrimRing(175_000, 103_000));
        $half = \rad2deg(\asin(75_000 / 144_000));
        self::assertCount(3, $sections);
        foreach ($sections as $at => $section) {
            self::assertEqualsWithDelta((144_000 + 128_000 * \cos(\deg2rad($half))) / 2, \hypot($section->x, $section->y), 40);
            // Each begins 2 degrees before the one before ends, the first at the band's own end.
            $middle = 180.0 + $half + $at * (2 * $half - 2.0);
            self::assertEqualsWithDelta(1.0, \cos(\deg2rad($section->turn + 90.0 - $middle)), 1e-5);
            self::assertTrue($section->cuts);
        }
        // A lower platen covers less of the ring, so that the inner edge is still beneath it.
        $low = (new Sections(new Platen('low', 150_000, 24_000), 2_000))->of($band, new BrimRing(175_000, 103_000));
        self::assertGreaterThan(3, \count($low));
        $covered = Region::empty()->union(...\array_map(static fn (Section $section): Region => $section->region(), $low));
        self::assertLessThan(1.0, $band->subtract($covered)->area() / 1e6);
    }

    /** @return list<Section> */
    private static function of(Region $film, int $platen): array
    {
        return (new Sections(new Platen('flat', $platen, $platen), self::OVERLAP))->of($film, null);
    }

    /** @param list<array{int, int}> $spans from and to of each letter */
    private static function letters(array $spans): Region
    {
        return Region::empty()->union(...\array_map(static fn (array $span): Region => (new Box($span[0], 0, $span[1], 50_000))->toRegion(), $spans));
    }
}
