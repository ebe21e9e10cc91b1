<?php

declare(strict_types=1);

namespace Uvret\Tests\Layout;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
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
            foreach ([$sheet->region, $sheet->marks] as $region) {
                if (!$region->isEmpty()) {
                    self::assertGreaterThan(1_150.0, (float) Geos::result('distance', $wkt, Geos::wkt($region), 'txt'));
                }
            }
        }
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
