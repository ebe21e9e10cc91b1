<?php

declare(strict_types=1);

namespace Uvret\Tests\Press;

use PHPUnit\Framework\TestCase;
use Uvret\Blanks\Drawing;
use Uvret\Blanks\MeasuringEdge;
use Uvret\Design\BrimRing;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;
use Uvret\Press\Distance;
use Uvret\Press\ThreePoints;
use Uvret\Tests\Support\Designs;
use Uvret\Tests\Support\Geos;

final class ThreePointsTest extends TestCase
{
    public function testFromAnEdgeAboveOrBelowToTheNearestInk(): void
    {
        $ink = (new Box(-50_000, -40_000, 50_000, -20_000))->toRegion()->union((new Box(-50_000, -60_000, -48_000, -10_000))->toRegion());
        $above = ThreePoints::straight($ink, [new MeasuringEdge('collar', [-200_000, 0, 200_000, 40_000])]);
        self::assertSame(['collar', 'collar', 'collar'], \array_column($above, 'edge'));
        self::assertSame([-10_000, -20_000, -20_000], \array_column($above, 'toY'));
        foreach ($above as $distance) {
            self::assertSame($distance->fromX, $distance->toX);
            self::assertEqualsWithDelta(20_000 + $distance->fromX / 10, $distance->fromY, 1);
        }
        $below = ThreePoints::straight($ink, [new MeasuringEdge('hem', [-200_000, -80_000, 200_000, -80_000])]);
        self::assertSame([20_000, 40_000, 40_000], \array_map(static fn (Distance $distance): int => $distance->length(), $below));
        // The nearer edge is taken; where an edge ends, nothing is measured from it.
        $short = new MeasuringEdge('pocket', [-10_000, -70_000, 10_000, -70_000]);
        $hem = new MeasuringEdge('hem', [-200_000, -99_000, 200_000, -99_000]);
        self::assertSame(['pocket'], \array_column(ThreePoints::straight($ink, [$hem, $short]), 'edge'));
        self::assertSame([], ThreePoints::straight($ink, []));
        self::assertSame([], ThreePoints::straight(Region::empty(), [$short]));
    }

    public function testDistancesAreWhatGeosMeasuresOnTheDrawing(): void
    {
        foreach (['tee-front', 'tee-back', 'hoodie-front', 'sleeve', 'tote', 'cap', 'pouch'] as $drawing) {
            $plan = Designs::plan(['blank.drawing' => $drawing, 'blank.width' => 520_000, 'lines.0.words' => 'Tern Point', 'lines.0.size' => ['by' => 'width', 'length' => 160_000]]);
            $edges = Drawing::named($drawing)->edges($plan->design->blank);
            $distances = ThreePoints::straight($plan->separation->shown(), $edges);
            self::assertCount(3, $distances, $drawing);
            $line = 'LINESTRING('.\implode(', ', \array_map(static fn (array $point): string => \implode(' ', $point), \array_chunk($edges[0]->line, 2))).')';
            $ink = Geos::wkt($plan->separation->shown());
            foreach ($distances as $distance) {
                $to = "POINT({$distance->toX} {$distance->toY})";
                self::assertLessThanOrEqual(1.0, (float) Geos::result('distance', $ink, $to, 'txt'), 'it ends at the ink');
                $straight = "LINESTRING({$distance->toX} -900000, {$distance->toX} 900000)";
                $from = Geos::result('intersection', $line, $straight);
                self::assertEqualsWithDelta($distance->length(), (float) Geos::result('distance', $from, $to, 'txt'), 100.0, $drawing);
            }
        }
    }

    public function testOnABrimFivePlacesAreMeasuredStraightToItsMiddle(): void
    {
        $letters = [];
        for ($angle = 190.0; $angle <= 350.0; $angle += 8.0) {
            $letters[] = (new Box(-3_000, 120_000, 3_000, 140_000))->toRegion()->transform(Affine::turn($angle - 90.0));
        }
        $ink = Region::empty()->union(...$letters)->transform(Affine::move(7_000, -9_000));
        $distances = ThreePoints::round($ink, new BrimRing(175_000, 103_000), 7_000, -9_000);
        self::assertCount(5, $distances);
        foreach ($distances as $distance) {
            self::assertEqualsWithDelta(175_000, \hypot($distance->fromX - 7_000, $distance->fromY + 9_000), 2);
            self::assertEqualsWithDelta(35_000, $distance->length(), 40);
            self::assertEqualsWithDelta(
                0.0,
                ($distance->fromX - 7_000) * ($distance->toY + 9_000) - ($distance->fromY + 9_000) * ($distance->toX - 7_000),
                400_000.0,
                'on one line with the middle',
            );
        }
        // From end to end, evenly: the ink spans 160° and a little.
        $angles = \array_map(static fn (Distance $one): float => \rad2deg(\atan2($one->toY + 9_000, $one->toX - 7_000)), $distances);
        foreach ($angles as $at => $angle) {
            self::assertEqualsWithDelta(0.0, \sin(\deg2rad($angle - (190.0 + 40.0 * $at))), 0.13);
        }
        self::assertSame([], ThreePoints::round(Region::empty(), new BrimRing(175_000, 103_000)));
    }

    public function testItIsRoundedAsARulerReads(): void
    {
        $distance = new Distance('collar', 0, 0, 30_000, 40_400);
        self::assertSame([50_321, 50_000], [$distance->length(), $distance->rounded(false)]);
        self::assertSame((int) \round(32 * 25_400 / 16), $distance->rounded(true));
    }
}
