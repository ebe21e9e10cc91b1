<?php

declare(strict_types=1);

namespace Uvret\Tests\Geometry;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Geometry\Length;
use Uvret\Geometry\LengthException;
use Uvret\Geometry\Unit;

final class LengthTest extends TestCase
{
    #[DataProvider('lengths')]
    public function testReadsWhatPeopleWrite(string $text, Unit $unit, int $micrometres): void
    {
        self::assertSame($micrometres, Length::parse($text, $unit)->micrometres);
    }

    /** @return iterable<string, array{string, Unit, int}> */
    public static function lengths(): iterable
    {
        yield 'a bare number in the design’s unit' => ['90', Unit::Millimetre, 90000];
        yield 'a bare number of inches' => ['3.5', Unit::Inch, 88900];
        yield 'unit without space' => ['90mm', Unit::Inch, 90000];
        yield 'centimetres' => ['9 cm', Unit::Inch, 90000];
        yield 'decimal comma' => ['3,25', Unit::Millimetre, 3250];
        yield 'inches' => ['3.5in', Unit::Millimetre, 88900];
        yield 'fraction' => ['3 1/2"', Unit::Millimetre, 88900];
        yield 'only a fraction' => ['5/8', Unit::Inch, 15875];
        yield 'the sign for a half' => ['3½ in', Unit::Millimetre, 88900];
        yield 'negative' => ['-2.5 mm', Unit::Millimetre, -2500];
        yield 'capitals and spaces' => ['  12  MM ', Unit::Millimetre, 12000];
        yield 'a third rounds to the micrometre' => ['1/3 in', Unit::Millimetre, 8467];
    }

    #[DataProvider('nonsense')]
    public function testRefusesNonsenseAndSaysWhatItTakes(string $text): void
    {
        $this->expectException(LengthException::class);
        $this->expectExceptionMessageMatches('~90mm, 9 cm, 3\.5in or 3 1/2"|longer than 100 metres~');
        Length::parse($text);
    }

    /** @return iterable<array{string}> */
    public static function nonsense(): iterable
    {
        foreach (['', 'abc', '90 miles', '3 1/0"', '1.5 1/2', '12mm mm', '1e9', 'NaN', '--4', '99999999m'] as $text) {
            yield [$text];
        }
    }

    public function testPrintsInTheUnit(): void
    {
        self::assertSame('88.9', Length::ofMicrometres(88900)->format(Unit::Millimetre));
        self::assertSame('3 1/2', Length::ofMicrometres(88900)->format(Unit::Inch));
        self::assertSame('1/16', Length::ofMicrometres(1600)->format(Unit::Inch));
        self::assertSame('-1', Length::ofMicrometres(-25400)->format(Unit::Inch));
        self::assertSame('0', Length::ofMicrometres(100)->format(Unit::Inch));
    }
}
