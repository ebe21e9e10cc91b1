<?php

declare(strict_types=1);

namespace Uvret\Tests\Blanks;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Blanks\Drawing;
use Uvret\Blanks\Measuring\Between;
use Uvret\Blanks\Measuring\DrawingOutline;
use Uvret\Blanks\Measuring\Measure;
use Uvret\Blanks\Measuring\MeasuredSize;
use Uvret\Blanks\Measuring\MeasuringException;
use Uvret\Design\Blank;
use Uvret\Design\Reading\ValueReader;
use Uvret\Design\ShopBlankReader;
use Uvret\Geometry\Box;
use Uvret\Tests\Support\Designs;

/**
 * @phpstan-type Area \stdClass&object{width: int, height: int, across: int, down: int}
 * @phpstan-type Sized \stdClass&object{size: string, width: int, height: int, measures?: object, keepOff: list<object>, placements: list<Area>}
 */
final class MeasuringTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function drawings(): iterable
    {
        foreach ((array) \glob(\dirname(__DIR__, 2).'/core/Blanks/drawings/*.svg') as $file) {
            $name = \basename((string) $file, '.svg');
            yield $name => [$name];
        }
    }

    #[DataProvider('drawings')]
    public function testWithItsUsualMeasuresABlankHasRoomForLetteringClearOfEverything(string $drawing): void
    {
        $size = MeasuredSize::of($drawing, 'M', self::usual($drawing));
        (new ShopBlankReader())->check(\json_decode(\json_encode([
            'id' => 'new', 'name' => 'New', 'drawing' => $drawing, 'fabrics' => [['name' => 'Ash', 'colour' => '#B9B7B2']], 'sizes' => [$size],
        ], \JSON_THROW_ON_ERROR)));
        foreach (self::blanks($drawing, $size) as $blank) {
            $placement = $blank->placement;
            $extent = Drawing::named($drawing)->extent($blank);
            $area = new Box(-\intdiv($placement->width, 2), -$placement->height, \intdiv($placement->width, 2), 0);
            self::assertTrue($extent->holds($area), "{$placement->name} lies on the blank");
            if (null !== $placement->brim) {
                self::assertLessThan($placement->brim->edge, $placement->brim->crown);
                continue;
            }
            foreach ($blank->keepOff as $place) {
                $distance = $area->toRegion()->distanceTo($place->region(-$placement->across, $placement->down));
                self::assertGreaterThanOrEqual($place->distance, $distance, "{$placement->name} is clear of the {$place->name}");
            }
        }
    }

    /** @return iterable<string, array{string, float, list<string>}> drawing, how large beside the usual, its areas in mm */
    public static function areas(): iterable
    {
        yield 'board, 0.6' => ['board', 0.6, ['face 280 × 160, 0 right, 40 down, 40 from top edge']];
        yield 'board, 1' => ['board', 1, ['face 520 × 320, 0 right, 40 down, 40 from top edge']];
        yield 'brimmed-hat, 0.6' => ['brimmed-hat', 0.6, ['crown 78 × 24, 0 right, -57 down, 33 from brim', 'band 90 × 15, 0 right, -23 down, 8 from brim']];
        yield 'brimmed-hat, 1' => ['brimmed-hat', 1, ['crown 130 × 40, 0 right, -95 down, 55 from brim', 'band 151 × 24, 0 right, -38 down, 14 from brim']];
        yield 'cap, 0.6' => ['cap', 0.6, ['front 48 × 33, 0 right, -44 down, 11 from brim']];
        yield 'cap, 1' => ['cap', 1, ['front 96 × 55, 0 right, -72 down, 17 from brim']];
        yield 'hat-brim, 0.6' => ['hat-brim', 0.6, ['front 210 × 105, 0 right, 0 down, 25 from brim']];
        yield 'hat-brim, 1' => ['hat-brim', 1, ['front 350 × 175, 0 right, 0 down, 40 from brim']];
        yield 'hoodie-front, 0.6' => ['hoodie-front', 0.6, ['chest 158 × 85, 0 right, 110 down, 110 from collar', 'left-chest 95 × 95, 60 right, 90 down, 90 from collar']];
        yield 'hoodie-front, 1' => ['hoodie-front', 1, ['chest 263 × 200, 0 right, 110 down, 110 from collar', 'left-chest 95 × 95, 101 right, 90 down, 90 from collar']];
        yield 'pouch, 0.6' => ['pouch', 0.6, ['face 96 × 55, 0 right, 29 down, 29 from zip']];
        yield 'pouch, 1' => ['pouch', 1, ['face 200 × 124, 0 right, 32 down, 32 from zip']];
        yield 'sleeve, 0.6' => ['sleeve', 0.6, ['upper-arm 52 × 60, 0 right, 120 down, 120 from shoulder', 'along 33 × 89, 0 right, 150 down, 150 from shoulder']];
        yield 'sleeve, 1' => ['sleeve', 1, ['upper-arm 87 × 60, 0 right, 120 down, 120 from shoulder', 'along 56 × 330, 0 right, 150 down, 150 from shoulder']];
        yield 'tee-back, 0.6' => ['tee-back', 0.6, ['full-back 150 × 179, 0 right, 75 down, 75 from collar', 'shoulder-line 181 × 70, 0 right, 50 down, 50 from collar']];
        yield 'tee-back, 1' => ['tee-back', 1, ['full-back 281 × 330, 0 right, 75 down, 75 from collar', 'shoulder-line 302 × 70, 0 right, 50 down, 50 from collar']];
        yield 'tee-front, 0.6' => ['tee-front', 0.6, ['full-front 150 × 142, 0 right, 70 down, 70 from collar', 'left-chest 62 × 95, 56 right, 80 down, 80 from collar']];
        yield 'tee-front, 1' => ['tee-front', 1, ['full-front 281 × 300, 0 right, 70 down, 70 from collar', 'left-chest 95 × 95, 94 right, 80 down, 80 from collar']];
        yield 'tote, 0.6' => ['tote', 0.6, ['middle 108 × 91, 0 right, 79 down, 79 from top edge', 'low 148 × 63, 0 right, 170 down, 170 from top edge']];
        yield 'tote, 1' => ['tote', 1, ['middle 260 × 245, 0 right, 92 down, 92 from top edge', 'low 300 × 104, 0 right, 284 down, 284 from top edge']];
    }

    /** @param list<string> $areas */
    #[DataProvider('areas')]
    public function testItsAreasAreWhereTheTradePutsThem(string $drawing, float $by, array $areas): void
    {
        $measures = \array_map(static fn (int $length): int => (int) \round($length * $by / 1_000) * 1_000, self::usual($drawing));
        $size = MeasuredSize::of($drawing, 'M', $measures);
        $mm = static fn (array $area, string $field): int => \is_int($area[$field]) ? \intdiv($area[$field], 1_000) : 0;
        self::assertSame($areas, \array_map(static fn (array $area): string => \sprintf(
            '%s %d × %d, %d right, %d down, %s',
            \is_string($area['id']) ? $area['id'] : '',
            $mm($area, 'width'),
            $mm($area, 'height'),
            $mm($area, 'across'),
            $mm($area, 'down'),
            self::measured($area),
        ), $size['placements']));
    }

    public function testTheDrawingLiesRoundTheAreaThatIsChosen(): void
    {
        $size = MeasuredSize::of('tee-front', 'M', self::usual('tee-front'));
        [$front, $chest] = \array_map(static fn (Blank $blank): Box => Drawing::named('tee-front')->extent($blank), self::blanks('tee-front', $size));
        self::assertEquals(new Box(-430_000, -590_000, 430_000, 180_000), $front);
        self::assertEquals($front->moved(-94_000, 10_000), $chest, '94 mm to the right, 10 mm lower');
    }

    #[DataProvider('drawings')]
    public function testMeasuresAreAskedInOrderAndDrawnWhereTheyAre(string $drawing): void
    {
        $measures = Drawing::named($drawing)->measures();
        self::assertGreaterThanOrEqual(2, \count($measures));
        $size = MeasuredSize::of($drawing, 'M', self::usual($drawing));
        self::assertSame($measures[0]->usual, $size['width'], 'the first one is across');
        self::assertSame(\array_column($measures, 'name'), \array_keys($size['measures']));
        foreach ($measures as $measure) {
            self::assertMatchesRegularExpression('/^[A-Z].*\.$/', $measure->hint);
            self::assertStringStartsWith('M', $measure->path);
        }
        // As measured, the drawing is as high as it is drawn: no picture is stretched by usual measures.
        if (0 !== $size['height'] && 'cap' !== $drawing) {
            [$wide, $high] = self::extents($drawing, $size);
            self::assertEqualsWithDelta(1.0, $wide / $high, 0.02);
        }
    }

    public function testATallerBlankIsDrawnTallerWithItsEdgesAndPlaces(): void
    {
        $usual = self::usual('tee-front');
        $tall = MeasuredSize::of('tee-front', 'T', ['length' => 2 * $usual['length']] + $usual);
        [$wide, $high] = self::extents('tee-front', $tall);
        self::assertEqualsWithDelta(0.5, $wide / $high, 0.001);
        $places = \array_column($tall['keepOff'], null, 'name');
        $hem = $places['hem'];
        self::assertSame([-262_000, 1_220_000], \array_slice($hem['points'], 0, 2));
        $collar = Drawing::named('tee-front')->edges(self::blanks('tee-front', $tall)[0])[0];
        self::assertSame(70_000, $collar->at(0), 'the area begins as far below the collar as it says');
        self::assertSame(70_000 + 2 * 86_000, $collar->at(-92_000));
    }

    public function testPocketsAndHandlesLieWhereTheyWereMeasured(): void
    {
        $top = static function (string $drawing, string $place, array $more): int {
            /** @var array<string, int> $more */
            $size = MeasuredSize::of($drawing, 'M', $more + self::usual($drawing));
            $found = \array_column($size['keepOff'], 'points', 'name')[$place];

            return \min(...\array_map(static fn (array $point): int => $point[1] ?? 0, \array_chunk($found, 2)));
        };
        self::assertSame(392_000, $top('hoodie-front', 'pocket', []));
        self::assertSame(430_000, $top('hoodie-front', 'pocket', ['pocket' => 430_000]));
        self::assertSame(430_000, $top('hoodie-front', 'pocket', ['pocket' => 430_000, 'length' => 720_000]));
        self::assertSame(50_000, $top('tote', 'hem', ['handles' => 50_000]));
        self::assertSame(0, $top('tote', 'left handle', ['handles' => 50_000]));
    }

    /** @return iterable<string, array{array<string, int>, string, string}> measures that differ, which is complained of, how */
    public static function wrong(): iterable
    {
        yield 'one is missing' => [['body' => -1], 'body', 'Body is missing'];
        yield 'far too small' => [['chest' => 52_000], 'chest', 'Chest can hardly be 52 mm: such blanks have 130 mm to 2080 mm'];
        yield 'far too large' => [['length' => 5_000_000], 'length', 'Collar to hem can hardly be 5000 mm'];
    }

    /** @param array<string, int> $other */
    #[DataProvider('wrong')]
    public function testWhatCanNotBeIsSaidByTheMeasure(array $other, string $measure, string $said): void
    {
        /** @var array<string, int> $measures */
        $measures = \array_filter($other + self::usual('tee-front'), static fn (int $length): bool => $length > 0);
        try {
            MeasuredSize::of('tee-front', 'M', $measures);
            self::fail('It was taken.');
        } catch (MeasuringException $e) {
            self::assertSame($measure, $e->measure);
            self::assertStringContainsString($said, $e->getMessage());
        }
    }

    public function testAHatsCrownIsNarrowerThanItsBrim(): void
    {
        $size = MeasuredSize::of('hat-brim', 'L', ['brim' => 380_000, 'crown' => 216_000]);
        [$placement] = $size['placements'];
        self::assertSame(['edge' => 190_000, 'crown' => 108_000], $placement['brim']);
        self::assertSame([['edge' => 'brim', 'distance' => 40_000]], $placement['from']);
        $this->expectExceptionMessage('leave no room');
        MeasuredSize::of('hat-brim', 'L', ['brim' => 200_000, 'crown' => 190_000]);
    }

    public function testSizesBetweenTwoGoUpEvenly(): void
    {
        [$small, $large] = [self::sized('S', 0.9), self::sized('XL', 1.2)];
        // An area that only one size has stays as it is there.
        $small->placements[] = (object) (['id' => 'own', 'name' => 'Own'] + (array) $small->placements[0]);
        /** @var list<Sized> $between */
        $between = Between::sizes($small, $large, ['M', 'L']);
        self::assertSame(['M', 'L'], \array_column($between, 'size'));
        self::assertSame([520_000, 572_000], \array_column($between, 'width'));
        self::assertEqualsWithDelta($small->height + ($large->height - $small->height) / 3, $between[0]->height, 500);
        self::assertSame(0, $between[0]->height % 1_000);
        foreach ([0, 1] as $area) {
            foreach (['width', 'height', 'across', 'down'] as $field) {
                [$from, $to] = [self::number($small->placements[$area], $field), self::number($large->placements[$area], $field)];
                self::assertEqualsWithDelta($from + ($to - $from) * 2 / 3, self::number($between[1]->placements[$area], $field), 500, $field);
            }
        }
        self::assertEquals($small->placements[2], $between[0]->placements[2]);
        self::assertObjectNotHasProperty('measures', $between[0], 'it was worked out, not measured');
        self::assertCount(\count($small->keepOff), $between[0]->keepOff);
        (new ShopBlankReader())->check(\json_decode(\json_encode([
            'id' => 'new', 'name' => 'New', 'drawing' => 'tee-front', 'fabrics' => [['name' => 'Ash', 'colour' => '#B9B7B2']],
            'sizes' => [$small, ...$between, $large],
        ], \JSON_THROW_ON_ERROR)));
    }

    public function testLinesAreMeasuredAlongTheirCurves(): void
    {
        self::assertSame([0, 0, 30_000, 40_000], DrawingOutline::flat([0.0, 0.0, 10.0, 13.333, 20.0, 26.667, 30.0, 40.0], 12));
        self::assertSame(50.0, \round(DrawingOutline::length([[0.0, 0.0, 10.0, 13.333, 20.0, 26.667, 30.0, 40.0]]), 3));
        // A quarter of a circle of 100 mm by its usual cubic.
        $quarter = [100.0, 0.0, 100.0, 55.2285, 55.2285, 100.0, 0.0, 100.0];
        self::assertEqualsWithDelta(\M_PI * 50, DrawingOutline::length([$quarter]), 0.05);
        self::assertCount(2 * 13, DrawingOutline::flat($quarter, 12));
    }

    public function testOnlyTheHoodieHasCordsAndTheyCanBeLaidAside(): void
    {
        $hoodie = Drawing::named('hoodie-front');
        self::assertTrue($hoodie->hasCords());
        self::assertFalse(Drawing::named('tote')->hasCords());
        [$hanging, $aside] = [$hoodie->svg('#2B3350'), $hoodie->svg('#2B3350', true)];
        self::assertNotSame($hanging, $aside);
        self::assertStringContainsString('-34 90 -40 138', $hanging);
        self::assertStringNotContainsString('-34 90 -40 138', $aside);
    }

    /** @return array<string, int> */
    private static function usual(string $drawing): array
    {
        return \array_column(\array_map(
            static fn (Measure $measure): array => [$measure->name, $measure->usual],
            Drawing::named($drawing)->measures(),
        ), 1, 0);
    }

    /**
     * @param array<string, mixed> $size
     *
     * @return list<Blank> one for each area
     */
    private static function blanks(string $drawing, array $size): array
    {
        $blanks = [];
        foreach (\is_array($size['placements'] ?? null) ? $size['placements'] : [] as $placement) {
            $document = Designs::document([
                'blank.drawing' => $drawing,
                'blank.width' => $size['width'],
                'blank.height' => $size['height'],
                'blank.keepOff' => $size['keepOff'],
                'blank.placement' => $placement,
            ]);
            \assert($document->blank instanceof \stdClass);
            $blanks[] = ValueReader::read(Blank::class, $document->blank);
        }

        return $blanks;
    }

    /**
     * @param array<string, mixed> $size
     *
     * @return array{float, float} how much larger than in the drawing it is drawn, across and down
     */
    private static function extents(string $drawing, array $size): array
    {
        $extent = Drawing::named($drawing)->extent(self::blanks($drawing, $size)[0]);
        $box = \explode(' ', (string) (new \SimpleXMLElement(Drawing::named($drawing)->svg('#2B3350')))['viewBox']);

        return [$extent->width() / (float) $box[2] / 1_000, $extent->height() / (float) $box[3] / 1_000];
    }

    /** @return Sized a tee that is so many times as large as usual */
    private static function sized(string $name, float $by): \stdClass
    {
        $measures = \array_map(static fn (int $length): int => (int) \round($length * $by / 1_000) * 1_000, self::usual('tee-front'));
        /** @var Sized $size */
        $size = \json_decode(\json_encode(MeasuredSize::of('tee-front', $name, $measures), \JSON_THROW_ON_ERROR));

        return $size;
    }

    /** @param array<mixed> $area */
    private static function measured(array $area): string
    {
        $from = \is_array($area['from'] ?? null) ? $area['from'][0] : [];

        return \is_array($from) && \is_int($from['distance']) && \is_string($from['edge']) ? \intdiv($from['distance'], 1_000)." from {$from['edge']}" : '';
    }

    private static function number(\stdClass $area, string $field): int
    {
        $number = $area->{$field};
        self::assertIsInt($number);

        return $number;
    }
}
