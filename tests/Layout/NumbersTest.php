<?php

declare(strict_types=1);

namespace Uvret\Tests\Layout;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Cut\CutSheet;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;
use Uvret\Layout\Numbers;
use Uvret\Tests\Support\Geos;
use Uvret\Tests\Support\Stack;

final class NumbersTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, int, int}> weeding, number, and the height that it finds room for in µm */
    public static function sheets(): iterable
    {
        yield 'in a wide margin' => [['margins' => (object) ['top' => 14_000]], 7, 6_000];
        yield 'of three digits' => [['margins' => (object) ['bottom' => 9_000]], 128, 6_000];
        yield 'in a usual margin' => [[], 40, 3_200];
        yield 'beside relief cuts' => [['margins' => (object) ['top' => 16_000, 'right' => 60_000], 'relief' => true], 58, 6_000];
        yield 'in a frame that hugs' => [['frame' => 'hugging', 'around' => 'layer', 'distance' => 8_000], 356, 4_500];
    }

    /** @param array<string, mixed> $weeding */
    #[DataProvider('sheets')]
    public function testANumberLiesInTheWasteOffInkFrameAndMarks(array $weeding, int $number, int $height): void
    {
        $forms = [Stack::box('chalk', 0, 100, 60, 30), Stack::box('chalk', 70, 100, 40, 40, ['kind' => 'ring'])];
        $sheet = Stack::plan($forms, more: ['weeding' => (object) $weeding])->cutPlan->sheets[0];
        $place = Numbers::place($sheet, \strlen((string) $number));
        self::assertNotNull($place);
        self::assertGreaterThanOrEqual($height, $place[2]);
        $with = $sheet->with(Numbers::lines($number, $place));
        $own = \array_slice($with->parting, \count($sheet->parting));
        self::assertGreaterThanOrEqual(\strlen((string) $number), \count($own));
        foreach ($own as $line) {
            $points = \implode(', ', \array_map(static fn (array $point): string => "$point[0] $point[1]", \array_chunk($line, 2)));
            $wkt = "LINESTRING ($points)";
            self::assertSame('true', \trim(Geos::result('covers', Geos::wkt($sheet->frame), $wkt, 'txt')));
            foreach ($sheet->parting as $cut) {
                $across = \implode(', ', \array_map(static fn (array $point): string => "$point[0] $point[1]", \array_chunk($cut, 2)));
                self::assertGreaterThan(1_150.0, (float) Geos::result('distance', $wkt, "LINESTRING ($across)", 'txt'));
            }
            foreach ([$sheet->region, $sheet->marks] as $region) {
                if (!$region->isEmpty()) {
                    self::assertGreaterThan(1_150.0, (float) Geos::result('distance', $wkt, Geos::wkt($region), 'txt'));
                }
            }
        }
    }

    /** @return iterable<string, array{int, int, int|null}> width of a window in the ink, digits, height of the number */
    public static function windows(): iterable
    {
        // 7.5 mm at 6 mm high, 5.6 mm at 4.5 mm, 4 mm at 3.2 mm, and 1.2 mm on each side; half a millimetre for the raster.
        yield 'two large digits' => [10_500, 2, 6_000];
        yield 'two smaller ones' => [9_800, 2, 4_500];
        yield 'no narrower than that' => [8_600, 2, 4_500];
        yield 'two small ones' => [7_900, 2, 3_200];
        yield 'too narrow' => [6_000, 2, null];
        yield 'one digit is narrower' => [6_000, 1, 6_000];
        yield 'three are wider' => [10_500, 3, 3_200];
    }

    #[DataProvider('windows')]
    public function testANumberIsAsLargeAsTheRoomAllows(int $width, int $digits, ?int $height): void
    {
        $frame = (new Box(0, 0, 80_000, 50_000))->toRegion();
        $window = new Box(20_000, 15_000, 20_000 + $width, 35_000);
        $sheet = new CutSheet(
            film: Stack::plan([Stack::box('chalk', 0, 100, 60, 30)])->cutPlan->sheets[0]->film,
            region: (new Box(300, 300, 79_700, 49_700))->toRegion()->subtract($window->toRegion()),
            marks: Region::empty(),
            frame: $frame,
            box: new Box(0, 0, 80_000, 50_000),
            turned: false,
        );
        $place = Numbers::place($sheet, $digits);
        self::assertSame($height, $place[2] ?? null);
        // A cut down the middle of the window leaves too little on either side.
        $middle = 20_000 + \intdiv($width, 2);
        $parted = Numbers::place($sheet->with([[$middle, 15_000, $middle, 35_000]]), $digits);
        self::assertLessThan($height ?? 1, $parted[2] ?? 0);
    }

    public function testDigitsDifferAndStandSideBySide(): void
    {
        $seen = [];
        foreach (\range(0, 9) as $digit) {
            $lines = Numbers::lines($digit, [1_000, 2_000, 4_000]);
            $seen[] = \json_encode($lines, \JSON_THROW_ON_ERROR);
            [$x, $y] = [[], []];
            foreach (\array_merge(...$lines) as $at => $value) {
                0 === $at % 2 ? $x[] = $value : $y[] = $value;
            }
            self::assertGreaterThanOrEqual(1_000, \min([\PHP_INT_MAX, ...$x]));
            self::assertLessThanOrEqual(3_000, \max([0, ...$x]));
            self::assertSame([2_000, 6_000], [\min([\PHP_INT_MAX, ...$y]), \max([0, ...$y])]);
        }
        self::assertCount(10, \array_unique($seen));
        self::assertSame([[1_000, 5_000, 2_000, 6_000, 2_000, 2_000], [4_000, 5_000, 5_000, 6_000, 5_000, 2_000]], Numbers::lines(11, [1_000, 2_000, 4_000]));
    }

    public function testWhereThereIsNoRoomThereIsNoNumber(): void
    {
        $sheet = Stack::plan(
            [Stack::box('chalk', 0, 100, 60, 30)],
            more: ['weeding' => (object) ['frame' => 'hugging', 'around' => 'layer', 'distance' => 3_000]],
        )->cutPlan->sheets[0];
        self::assertNull(Numbers::place($sheet, 2));
    }
}
