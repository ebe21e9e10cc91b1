<?php

declare(strict_types=1);

namespace Uvret\Tests\Geometry;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Geometry\Corner;
use Uvret\Geometry\GeometryException;
use Uvret\Geometry\Grid;
use Uvret\Geometry\Region;
use Uvret\Tests\Support\Geos;
use Uvret\Tests\Support\Letters;

final class OffsetTest extends TestCase
{
    public function testCornersOfASquare(): void
    {
        $square = self::square(10000);

        self::assertEqualsWithDelta(100e6 + 4 * 10000 * 1000 + \M_PI * 1e6, $square->offset(1000)->area(), 4 * 5 * 1600);
        self::assertSame(144e6, $square->offset(1000, Corner::Mitre)->area());
        // Each corner is cut off at the distance itself: a triangle of height (√2 − 1) · 1000 is missing.
        self::assertEqualsWithDelta(144e6 - 4 * ((\M_SQRT2 - 1) * 1000) ** 2, $square->offset(1000, Corner::Square)->area(), 4 * 1500);
        self::assertSame(64e6, $square->offset(-1000)->area(), 'inward, the corners stay sharp');
        self::assertTrue($square->offset(-5000)->isEmpty());
        self::assertSame($square, $square->offset(0));
    }

    public function testALongMitreIsCutSquare(): void
    {
        $spike = Region::fromRings([[0, 0, 100000, 2000, 0, 4000]]);
        $reach = $spike->offset(1000, Corner::Mitre)->bounds();
        self::assertNotNull($reach);
        self::assertLessThan(101100, $reach->right, 'not the 50 mm that the mitre would reach');
        self::assertGreaterThan(100990, $reach->right);
    }

    /** A corner that hardly turns must not tilt the straight edges beside it. */
    public function testLongEdgesMoveExactly(): void
    {
        $hull = Region::fromRings([[0, 0, 50000, 0, 100000, 1000, 100000, 20000, 0, 20000]]);
        $points = \array_chunk($hull->offset(1500)->rings()[0], 2);
        self::assertContains([0, -1500], $points);
        self::assertContains([50030, -1500], $points);
    }

    /** Holes that close, pieces that vanish, and rings that turn inside out. */
    public function testWhatVanishesIsGone(): void
    {
        $frame = self::square(20000)->subtract(Region::fromRings([[9000, 9000, 11000, 9000, 10000, 11000]]));
        self::assertCount(1, $frame->offset(1000)->rings());
        self::assertCount(2, $frame->offset(300)->rings());
        self::assertTrue(Region::fromRings([[30790, 16245, 38883, 18943, 32052, 23822]])->offset(-2492)->isEmpty());
        $dumbbell = self::square(10000)->union(Region::fromRings([
            [10000, 4500, 30000, 4500, 30000, 5500, 10000, 5500],
            [30000, 0, 40000, 0, 40000, 10000, 30000, 10000],
        ]));
        self::assertCount(2, $dumbbell->offset(-600)->pieces());
        self::assertCount(2, $dumbbell->open(600)->pieces(), 'the neck is taken away');
    }

    public function testClosingFillsGapsAndOpeningTakesSpurs(): void
    {
        $slit = self::square(10000)->subtract(Region::fromRings([[4000, 5000, 4300, 5000, 4300, 10000, 4000, 10000]]));
        self::assertEqualsWithDelta(100e6, $slit->close(200)->area(), 0.001 * 100e6);
        self::assertEqualsWithDelta($slit->area(), $slit->close(100)->area(), 0.001 * 100e6);
        $spur = self::square(10000)->union(Region::fromRings([[4000, 9000, 4300, 9000, 4300, 15000, 4000, 15000]]));
        self::assertEqualsWithDelta(100e6, $spur->open(200)->area(), 0.001 * 100e6);
    }

    public function testOrderAndHolesOfLettering(): void
    {
        $weld = Region::fromRings(Letters::rings('lobster', 'Regatta', 60000));
        $out = $weld->offset(1500);
        $in = $weld->offset(-500);
        self::assertSame(0.0, $weld->subtract($out)->area());
        self::assertSame(0.0, $in->subtract($weld)->area());
        self::assertTrue(Geos::isValid(Geos::wkt($out)));
        self::assertTrue(Geos::isValid(Geos::wkt($in)));
    }

    /** Nearer than arcs are told apart: what GEOS makes of it is the same but for rounding. */
    public function testTheSmallestDistances(): void
    {
        $weld = Region::fromRings(Letters::rings('lobster', 'Row', 40000));
        foreach ([1, 3, 5, 6, 7, -1, -4, -6] as $distance) {
            $geos = Geos::result("buffer $distance", Geos::wkt($weld));
            $made = $weld->offset($distance);
            self::assertLessThan(0.8 * $weld->perimeter(), Geos::difference($geos, Geos::wkt($made)), "$distance µm");
            self::assertEqualsWithDelta(Geos::area($geos) - $weld->area(), $made->area() - $weld->area(), 0.25 * $weld->perimeter(), "$distance µm");
        }
    }

    /** The sum with a segment: convex hull of a square and its image, and the parallelograms of letters. */
    public function testSweep(): void
    {
        self::assertSame(100e6 + 3000 * 10000 + 4000 * 10000, self::square(10000)->sweep(3000, 4000)->area());
        $weld = Region::fromRings(Letters::rings('lobster', 'Rowing', 20000));
        $swept = $weld->sweep(-3000, -2000);
        $copies = [];
        for ($k = 0; $k <= 40; ++$k) {
            $copies[] = $weld->transform(\Uvret\Geometry\Affine::move(-75 * $k, -50 * $k));
        }
        $sampled = $weld->union(...$copies);
        self::assertLessThan(0.01 * $sampled->perimeter(), $sampled->subtract($swept)->area(), 'nothing of any copy is missing');
        self::assertLessThan(0.03 * $swept->area(), $swept->area() - $sampled->area());
        self::assertTrue(Geos::isValid(Geos::wkt($swept)));
        self::assertSame($weld, $weld->sweep(0, 0));
    }

    public function testTheGridsEdgeIsNotLeft(): void
    {
        $this->expectException(GeometryException::class);
        self::box(Grid::LIMIT - 1000, 0, Grid::LIMIT, 1000)->offset(500);
    }

    /** @param list<list<int>> $rings */
    #[DataProvider('circles')]
    public function testLargestCircleAgreesWithGeos(array $rings): void
    {
        foreach (Region::fromRings($rings)->pieces() as $piece) {
            $polygon = 'POLYGON '.\substr(Geos::wkt($piece), \strlen('MULTIPOLYGON('), -1);
            $radius = Geos::result('length', Geos::result('maxInscribedCircle 4', $polygon), null, 'txt');
            self::assertEqualsWithDelta((float) $radius, $piece->inscribedRadius(), 10.0);
        }
    }

    /** @return iterable<string, array{list<list<int>>}> */
    public static function circles(): iterable
    {
        yield 'script' => [Letters::rings('lobster', 'Row', 30000)];
        yield 'strokes of even width' => [Letters::rings('sacramento', 'er', 20000)];
        yield 'slab letters' => [Letters::rings('alfa-slab-one', 'CREW', 25000)];
    }

    public function testDistances(): void
    {
        $square = self::square(1000);
        self::assertSame(5000.0, $square->distanceTo(Region::fromRings([[4000, 5000, 6000, 5000, 6000, 7000]])));
        self::assertSame(0.0, $square->distanceTo(self::box(200, 200, 300, 300)), 'one within the other');
        self::assertSame(0.0, $square->distanceTo(self::box(1000, 1000, 2000, 2000)), 'touching in a point');
        self::assertSame(\INF, $square->distanceTo(Region::empty()));
        $word = Region::fromRings(Letters::rings('yellowtail', 'Salt', 20000));
        $other = Region::fromRings(Letters::rings('anton', 'marsh', 20000))->transform(\Uvret\Geometry\Affine::move(12345, 29876));
        self::assertEqualsWithDelta((float) Geos::result('distance', Geos::wkt($word), Geos::wkt($other), 'txt'), $word->distanceTo($other), 0.05);
    }

    public function testOpenLinesAreClipped(): void
    {
        $frame = self::square(1000)->subtract(self::box(400, 400, 600, 600));
        self::assertSame([[0, 500, 400, 500], [600, 500, 1000, 500]], $frame->clipLines([[-500, 500, 1500, 500]]));
        self::assertSame([[500, 0, 500, 200, 1000, 200]], $frame->clipLines([[500, -100, 500, 200, 2000, 200]]));
        self::assertSame([], $frame->clipLines([[450, 450, 550, 550], [-10, -10, -10, 2000]]));
    }

    private static function square(int $side): Region
    {
        return self::box(0, 0, $side, $side);
    }

    private static function box(int $left, int $bottom, int $right, int $top): Region
    {
        return Region::fromRings([[$left, $bottom, $right, $bottom, $right, $top, $left, $top]]);
    }
}
