<?php

declare(strict_types=1);

namespace Uvret\Tests\Geometry;

use PHPUnit\Framework\TestCase;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Measure\Centroid;
use Uvret\Geometry\Region;
use Uvret\Tests\Support\Geos;

final class CentroidTest extends TestCase
{
    public function testItIsThatOfGeosWhereverItLies(): void
    {
        $square = Region::fromRings([[0, 0, 90_000, 0, 90_000, 60_000, 0, 60_000]]);
        $corner = Region::fromRings([[10_000, 10_000, 50_000, 20_000, 20_000, 40_000]]);
        foreach ([$square, $corner, $square->subtract($corner), $square->union($corner->transform(Affine::move(200_000, -70_000)))] as $region) {
            foreach ([[0, 0], [900_000_000, -800_000_000], [-123_457, 98_765]] as [$right, $up]) {
                $there = $region->transform(Affine::move($right, $up));
                \preg_match('/POINT \((\S+) (\S+)\)/', Geos::result('centroid', Geos::wkt($there)), $found);
                [$x, $y] = Centroid::of($there->rings()) ?? self::fail();
                self::assertEqualsWithDelta((float) ($found[1] ?? 0), $x, 0.6);
                self::assertEqualsWithDelta((float) ($found[2] ?? 0), $y, 0.6);
            }
        }
    }

    public function testNothingHasNone(): void
    {
        self::assertNull(Centroid::of([]));
    }
}
