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
    /** The same table as the browser's reader is tested with. */
    #[DataProvider('lengths')]
    public function testReadsWhatPeopleWriteOrSaysWhatIsWrong(string $text, Unit $unit, ?int $micrometres, ?string $wrong): void
    {
        try {
            $read = Length::parse($text, $unit)->micrometres;
            $said = null;
        } catch (LengthException $e) {
            $read = null;
            $said = $e->getMessage();
        }
        self::assertSame([$micrometres, $wrong], [$read, $said]);
    }

    /** @return iterable<string, array{string, Unit, int|null, string|null}> */
    public static function lengths(): iterable
    {
        /** @var list<array{why: string, text: string, unit: string, micrometres?: int, wrong?: string}> $cases */
        $cases = \json_decode((string) \file_get_contents(__DIR__.'/../data/lengths.json'), true, 8, \JSON_THROW_ON_ERROR);
        foreach ($cases as $case) {
            yield $case['why'] => [$case['text'], Unit::from($case['unit']), $case['micrometres'] ?? null, $case['wrong'] ?? null];
        }
    }

    public function testPrintsInTheUnit(): void
    {
        self::assertSame('88.9', Length::ofMicrometres(88900)->format(Unit::Millimetre));
        foreach ([0 => '0.0', 3 => '0.01', 20 => '0.02', -20 => '-0.02', 49 => '0.05', 50 => '0.1', -50 => '-0.1'] as $length => $shown) {
            self::assertSame($shown, Length::ofMicrometres($length)->format(Unit::Millimetre));
        }
    }

    /** @return iterable<array{int, string}> */
    public static function inches(): iterable
    {
        /** @var list<array{micrometres: int, inches: string}> $cases */
        $cases = \json_decode((string) \file_get_contents(__DIR__.'/../data/inches.json'), true, 8, \JSON_THROW_ON_ERROR);
        foreach ($cases as $case) {
            yield [$case['micrometres'], $case['inches']];
        }
    }

    #[DataProvider('inches')]
    public function testInchesAreFractionsWhereTheyAreAndDecimalsElse(int $micrometres, string $inches): void
    {
        self::assertSame($inches, Length::ofMicrometres($micrometres)->format(Unit::Inch));
    }
}
