<?php

declare(strict_types=1);

namespace Uvret\Tests\Cut;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Cut\CutSheet;
use Uvret\Design\DesignReader;
use Uvret\Plan\Planner;
use Uvret\Tests\Support\Designs;
use Uvret\Tests\Support\Letters;

/** What is cut from every demo design stays the same to the micrometre, read as it is now and as it was first written; loose pieces left loose. */
final class BladeSidesTest extends TestCase
{
    private const DATA = __DIR__.'/../data';

    /** @return iterable<string, array{string, array<string, array{area: float, points: int, rings: string}>}> */
    public static function documents(): iterable
    {
        /** @var array<string, array<string, array{area: float, points: int, rings: string}>> $layers */
        $layers = \json_decode((string) \file_get_contents(self::DATA.'/blade-sides.json'), true, 8, \JSON_THROW_ON_ERROR);
        foreach ($layers as $design => $films) {
            yield "$design, as it is now" => [Designs::folder()."/$design.json", $films];
            yield "$design, as it was first written" => [self::DATA."/version-1/$design.json", $films];
        }
    }

    /** @param array<string, array{area: float, points: int, rings: string}> $films */
    #[DataProvider('documents')]
    public function testTheKnifeGoesWhereItWent(string $file, array $films): void
    {
        $document = \json_decode((string) \file_get_contents($file));
        self::assertInstanceOf(\stdClass::class, $document);
        unset($document->weeding);
        $plan = (new Planner(Letters::typeCase()))->plan((new DesignReader())->fromJson(\json_encode($document, \JSON_THROW_ON_ERROR)));
        $sheets = \array_column(\array_map(static fn (CutSheet $sheet): array => ['film' => $sheet->film->id, 'is' => [
            'area' => \round($sheet->region->area() / 1e6, 6),
            'points' => $sheet->region->vertexCount(),
            'rings' => \hash('xxh128', \json_encode($sheet->region->rings(), \JSON_THROW_ON_ERROR)),
        ]], $plan->cutPlan->sheets), 'is', 'film');
        self::assertSame($films, $sheets);
    }
}
