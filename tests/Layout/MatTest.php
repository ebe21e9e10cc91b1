<?php

declare(strict_types=1);

namespace Uvret\Tests\Layout;

use PHPUnit\Framework\TestCase;
use Uvret\Layout\Mat;
use Uvret\Layout\StockException;

final class MatTest extends TestCase
{
    public function testZonesLieOneBehindTheOtherInsideTheEdges(): void
    {
        $mat = Mat::of(305_000, 610_000, 6_000);
        self::assertSame(293_000, $mat->usableWidth());
        $lengths = ['chalk' => 200_000, 'ink' => 0, 'buoy' => 150_000, 'sunup' => 100_000];
        $zones = $mat->zones($lengths);
        self::assertSame(['chalk' => 6_000, 'ink' => 211_000, 'buoy' => 211_000, 'sunup' => 366_000], $zones);
        self::assertSame(0, $mat->short($lengths));
        self::assertLessThanOrEqual(604_000, $zones['sunup'] + $lengths['sunup']);
    }

    public function testItSaysHowMuchTooShortItIs(): void
    {
        $mat = Mat::of(305_000, 305_000, 5_000);
        self::assertSame(0, $mat->short(['chalk' => 295_000]));
        self::assertSame(1, $mat->short(['chalk' => 295_001]));
        self::assertSame(Mat::APART, $mat->short(['chalk' => 145_000, 'ink' => 150_000]));
        self::assertSame(0, $mat->short([]));
        $this->expectException(StockException::class);
        Mat::of(305_000, 10_000, 5_000);
    }
}
