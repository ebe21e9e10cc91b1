<?php

declare(strict_types=1);

namespace Uvret\Tests\Separate;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Geometry\Box;
use Uvret\Geometry\Measure\RingMeasure;
use Uvret\Geometry\Region;
use Uvret\Separate\Slivers;
use Uvret\Tests\Support\Designs;

final class SliversTest extends TestCase
{
    /** @return iterable<string, array{list<Box>, list<Box>, int}> pieces, holes in the first, how many rings are left */
    public static function shapes(): iterable
    {
        $plate = new Box(0, 0, 50_000, 50_000);
        yield 'a speck goes' => [[$plate, new Box(60_000, 0, 60_100, 190)], [], 1];
        yield 'what is a little larger stays' => [[$plate, new Box(60_000, 0, 60_100, 210)], [], 2];
        yield 'a hair goes, however long' => [[$plate, new Box(60_000, 0, 60_048, 40_000)], [], 1];
        yield 'a thread stays' => [[$plate, new Box(60_000, 0, 60_052, 40_000)], [], 2];
        yield 'a pinhole is closed' => [[$plate], [new Box(9_000, 9_000, 9_100, 9_190)], 1];
        yield 'a slit is closed' => [[$plate], [new Box(9_000, 9_000, 9_048, 49_000)], 1];
        yield 'a hole stays' => [[$plate], [new Box(9_000, 9_000, 9_300, 9_300)], 2];
        yield 'all of it may go' => [[new Box(0, 0, 100, 100)], [], 0];
    }

    /**
     * @param list<Box> $pieces
     * @param list<Box> $holes
     */
    #[DataProvider('shapes')]
    public function testWhatNoKnifeFollowsGoes(array $pieces, array $holes, int $rings): void
    {
        $region = self::all($pieces)->subtract(self::all($holes));
        self::assertCount($rings, Slivers::without($region)->rings());
    }

    /** @param list<Box> $boxes */
    private static function all(array $boxes): Region
    {
        return Region::empty()->union(...\array_map(static fn (Box $box): Region => $box->toRegion(), $boxes));
    }

    /** @return iterable<string, array{string, int}> the script, how far down it lies */
    public static function scripts(): iterable
    {
        foreach (['lobster', 'playball', 'satisfy'] as $font) {
            foreach ([-26_000, -15_000] as $gap) {
                yield "$font $gap" => [$font, $gap];
            }
        }
    }

    #[DataProvider('scripts')]
    public function testAScriptAcrossAWordWithOneOutlineRoundAllLeavesNoSlits(string $font, int $gap): void
    {
        $film = static fn (string $id, string $colour): array => ['id' => $id, 'name' => $id, 'colour' => $colour] + Designs::FILM;
        $plan = Designs::plan([
            'films' => [Designs::FILM, $film('chalk', '#F4EFE3'), $film('sunup', '#F5C242')],
            'lines.0.words' => 'ROWING',
            'lines.0.font' => 'anton',
            'lines.0.film' => 'chalk',
            'lines.0.size' => ['by' => 'width', 'length' => 220_000],
            'lines.0.gap' => 40_000,
            'lines.0.treatments' => (object) ['outlines' => [['width' => 3_000, 'film' => 'ink', 'around' => 'all']]],
        ] + Designs::secondLine(['words' => 'Regatta', 'font' => $font, 'film' => 'sunup', 'size' => ['by' => 'width', 'length' => 180_000], 'gap' => $gap]));
        self::assertCount(3, $plan->separation->layers);
        foreach ($plan->separation->layers as $layer) {
            foreach ($layer->region->rings() as $ring) {
                $area = \abs(RingMeasure::area($ring));
                self::assertGreaterThan(20_000, $area, $layer->film->name);
                self::assertGreaterThan(50, 2 * $area / RingMeasure::length($ring), $layer->film->name);
            }
        }
    }
}
