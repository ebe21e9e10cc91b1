<?php

declare(strict_types=1);

namespace Uvret\Tests\Geometry;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Box;
use Uvret\Geometry\FillRule;
use Uvret\Geometry\GeometryException;
use Uvret\Geometry\Grid;
use Uvret\Geometry\Region;
use Uvret\Tests\Support\Geos;
use Uvret\Tests\Support\Letters;

final class RegionTest extends TestCase
{
    private const SQUARE = [0, 0, 1000, 0, 1000, 1000, 0, 1000];

    public function testWindingOrderAndHoles(): void
    {
        $ring = Region::fromRings([self::SQUARE, [200, 200, 200, 800, 800, 800, 800, 200]]);

        self::assertSame([self::SQUARE, [200, 200, 200, 800, 800, 800, 800, 200]], $ring->rings());
        self::assertSame(640000.0, $ring->area());
        self::assertSame(6400.0, $ring->perimeter());
        self::assertCount(1, $ring->pieces());
        self::assertTrue($ring->contains(100, 500));
        self::assertTrue($ring->contains(200, 500), 'the edge belongs to the region');
        self::assertFalse($ring->contains(500, 500));
    }

    public function testFillRules(): void
    {
        // The same square twice, and once more the other way round.
        $twice = [self::SQUARE, self::SQUARE];
        self::assertSame(1e6, Region::fromRings($twice, FillRule::NonZero)->area());
        self::assertTrue(Region::fromRings($twice, FillRule::EvenOdd)->isEmpty());
        $backwards = [[0, 0, 0, 1000, 1000, 1000, 1000, 0]];
        self::assertSame(1e6, Region::fromRings($backwards, FillRule::NonZero)->area());
        self::assertTrue(Region::fromRings($backwards, FillRule::Positive)->isEmpty());
    }

    public function testRingsThatTouchInAPointStaySeparate(): void
    {
        $bowTie = Region::fromRings([[0, 0, 1000, 1000, 1000, 0, 0, 1000]]);
        self::assertCount(2, $bowTie->pieces());
        self::assertSame(500000.0, $bowTie->area());

        // A hole that touches its outer ring in one point is a ring of its own.
        $touching = Region::fromRings([self::SQUARE, [0, 500, 500, 800, 500, 200]]);
        self::assertCount(2, $touching->rings());
        self::assertCount(1, $touching->pieces());
        self::assertTrue(Geos::isValid(Geos::wkt($touching)));
    }

    public function testPointsOnStraightLinesAndSpikesGo(): void
    {
        $plain = Region::fromRings([[0, 0, 500, 0, 1000, 0, 1000, 1000, 1000, 2000, 1000, 1000, 0, 1000, 0, 0, 0, 1000, 0, 0]]);
        self::assertSame([self::SQUARE], $plain->rings());
    }

    public function testIslandInAHoleIsAPieceOfItsOwn(): void
    {
        $nested = Region::fromRings([self::SQUARE, [100, 100, 900, 100, 900, 900, 100, 900], [400, 400, 600, 400, 600, 600, 400, 600]], FillRule::EvenOdd);
        self::assertSame([360000.0, 40000.0], \array_map(static fn (Region $piece): float => $piece->area(), $nested->pieces()));
    }

    public function testMapsKeepRegionsValid(): void
    {
        $region = Region::fromRings(Letters::rings('lobster', 'Regatta', 40000));
        $mirrored = $region->transform(Affine::mirror());

        self::assertSame($region->area(), $mirrored->area());
        self::assertSame($region->rings(), $mirrored->transform(Affine::mirror())->rings());
        self::assertTrue(Geos::isValid(Geos::wkt($mirrored)));
        $turned = $region->transform(Affine::turn(30));
        self::assertEqualsWithDelta($region->area(), $turned->area(), 0.5 * $region->perimeter());
        self::assertTrue(Geos::isValid(Geos::wkt($turned)));
        self::assertSame($region->rings(), $region->transform(Affine::move(-77, 1234))->transform(Affine::move(77, -1234))->rings());
    }

    /** @param list<mixed> $ring */
    #[DataProvider('badRings')]
    public function testBadInputIsRefused(array $ring): void
    {
        $this->expectException(GeometryException::class);
        Region::fromRings([$ring]);
    }

    /** @return iterable<string, array{list<mixed>}> */
    public static function badRings(): iterable
    {
        yield 'not a number' => [[0, 0, \NAN, 1, 2, 2]];
        yield 'not whole' => [[0, 0, 10.5, 1, 2, 2]];
        yield 'text' => [[0, 0, '10', 1, 2, 2]];
        yield 'odd' => [[0, 0, 10, 1, 2]];
        yield 'out of range' => [[0, 0, Grid::LIMIT + 1, 1, 2, 2]];
    }

    public function testTinyRingsComeToNothing(): void
    {
        self::assertTrue(Region::fromRings([[], [5, 5], [0, 0, 10, 10], [1, 1, 1, 1, 1, 1], [0, 0, 10, 10, 20, 20]])->isEmpty());
        self::assertNull(Region::empty()->bounds());
    }

    public function testTheEdgesOfTheGridAreExact(): void
    {
        $m = Grid::LIMIT;
        $all = Region::fromRings([[-$m, -$m, $m, -$m, $m, $m, -$m, $m]]);
        $cross = Region::fromRings([[-$m, -$m, $m, $m, $m, -$m, -$m, $m]]);
        self::assertSame($all->area() / 2, $cross->area());
        self::assertSame($all->area(), $all->subtract($cross)->union($cross)->area());
    }

    /** An area that GEOS gave for the same lettering: the font's stated cap height of 748 units made 60 mm. */
    public function testTheReferenceWeldHasItsKnownArea(): void
    {
        $rings = [];
        foreach (Letters::plain('lobster', 'Regatta') as [$glyph, $x]) {
            $outline = Letters::font('lobster')->outline($glyph);
            \array_push($rings, ...\Uvret\Geometry\Curve\Flattening::rings($outline, Affine::move($x, 0)->then(Affine::scale(60000 / 748)), 10));
        }
        self::assertEqualsWithDelta(6975.088, Region::fromRings($rings)->area() / 1e6, 0.002);
    }

    /** Found at random: crossings of near-parallel edges that once pushed one another along without end. */
    public function testNearParallelEdgesSettle(): void
    {
        $rings = [
            [14955, 44865, 17946, 12961, 24925, 28913, 31904, 18943, 39880, 31904, 16949, 23928],
            [26919, 43868, 19940, 0, 17946, 12961, 49850, 34895, 26919, 22931, 20937, 19940, 13958, 48853],
            [34895, 27916, 48853, 10967, 29910, 41874, 47856, 35892, 44865, 44865, 19940, 4985, 47856, 34895, 1994, 9970],
        ];
        $region = Region::fromRings($rings);
        self::assertTrue(Geos::isValid(Geos::wkt($region)));
        self::assertSame($region->rings(), Region::fromRings(\array_reverse($rings))->rings());
        // What came out can be fed in again and stays as it is.
        self::assertSame($region->rings(), Region::fromRings($region->rings())->rings());
    }

    public function testScriptWeldAgreesWithGeos(): void
    {
        $rings = Letters::rings('lobster', 'Tern Point Rowing', 60000);
        $weld = Region::fromRings($rings);
        // Lobster's letters turn clockwise with holes the other way round: GEOS gets each letter by itself.
        $letters = [];
        foreach ($rings as $ring) {
            $letters[] = Region::fromRings([$ring]);
        }
        $outer = \array_filter($letters, static fn (Region $letter): bool => 1 === \count($letter->pieces()));
        self::assertNotEmpty($outer);
        self::assertTrue(Geos::isValid(Geos::wkt($weld)));
        $byLetter = [];
        $scale = 60000 / Letters::font('lobster')->letterHeight();
        foreach (Letters::plain('lobster', 'Tern Point Rowing') as [$glyph, $x]) {
            $outline = Letters::font('lobster')->outline($glyph);
            if (!$outline->isEmpty()) {
                $byLetter[] = \trim(\substr(
                    Geos::wkt(Region::fromRings(\Uvret\Geometry\Curve\Flattening::rings($outline, Affine::move($x, 0)->then(Affine::scale($scale))))),
                    13,
                    -1,
                ));
            }
        }
        $letters = \array_map(static fn (string $polygons): string => "MULTIPOLYGON($polygons)", $byLetter);
        $geos = Geos::result('unaryUnion', 'GEOMETRYCOLLECTION('.\implode(',', $letters).')');
        self::assertEqualsWithDelta(Geos::area($geos), $weld->area(), 1e-5 * $weld->area());
        self::assertLessThan(0.5 * $weld->perimeter(), Geos::difference($geos, Geos::wkt($weld)));
    }

    public function testOnlyThosePiecesAreKeptThatAreAskedFor(): void
    {
        $ring = static fn (int $x, int $side): Region => (new Box($x, 0, $x + $side, $side))->toRegion()
            ->subtract((new Box($x + 100, 100, $x + $side - 100, $side - 100))->toRegion());
        $all = $ring(0, 1_000)->union($ring(2_000, 500), $ring(5_000, 2_000));
        $large = $all->those(static fn (Region $piece): bool => ($piece->bounds()?->width() ?? 0) > 800);
        self::assertSame($ring(0, 1_000)->union($ring(5_000, 2_000))->digest(), Region::fromRings($large->rings())->digest());
        self::assertCount(2, $large->pieces());
        self::assertSame($all->area() - $ring(2_000, 500)->area(), $large->area());
        self::assertSame($ring(0, 1_000)->offset(50)->area(), $all->those(static fn (Region $piece): bool => $piece->contains(50, 50))->offset(50)->area());
        self::assertTrue($all->those(static fn (): bool => false)->isEmpty());
    }
}
