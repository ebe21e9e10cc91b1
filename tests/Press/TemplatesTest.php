<?php

declare(strict_types=1);

namespace Uvret\Tests\Press;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Geometry\Box;
use Uvret\Press\PressPlanner;
use Uvret\Press\Templates;
use Uvret\Tests\Support\Designs;

/** Sheets at true size: what each shows, and that together they show all. */
final class TemplatesTest extends TestCase
{
    /** @return iterable<string, array{int, bool, int, int, int}> ink's width in mm, paper; columns, rows, and the tile's height in mm */
    public static function widths(): iterable
    {
        yield 'as wide as one sheet' => [165, false, 1, 1, 261];
        yield 'a hair wider' => [167, false, 2, 1, 261];
        yield 'across two' => [300, false, 2, 1, 261];
        yield 'across three' => [370, false, 3, 1, 261];
        yield 'letter is wider' => [171, true, 1, 1, 243];
    }

    #[DataProvider('widths')]
    public function testSheetsLieEdgeToEdgeAndShowAllOfTheInk(int $width, bool $letter, int $columns, int $rows, int $high): void
    {
        $plan = Designs::plan([
            'lines.0.font' => 'anton',
            'lines.0.words' => 'ROW THE HARBOUR',
            'lines.0.size' => ['by' => 'width', 'length' => 1_000 * $width],
            'blank.placement.width' => 400_000,
        ]);
        $press = (new PressPlanner())->plan($plan);
        $pages = (new Templates())->pages($press, $plan, $letter);
        self::assertCount($columns * $rows, $pages);
        $wide = $letter ? 196 : 190;
        $tiles = [];
        foreach ($pages as $number => $page) {
            $svg = new \SimpleXMLElement($page);
            $tile = $svg->svg;
            self::assertSame([$letter ? '216mm' : '210mm', $letter ? '279mm' : '297mm'], [(string) $svg['width'], (string) $svg['height']]);
            self::assertSame(['10', '10', "$wide", "$high"], [(string) $tile['x'], (string) $tile['y'], (string) $tile['width'], (string) $tile['height']]);
            [$left, $top, $across, $down] = \array_map(\intval(...), \explode(' ', (string) $tile['viewBox']));
            self::assertSame([1_000 * $wide, 1_000 * $high], [$across, $down], 'one to one');
            $tiles[] = new Box($left, -$top - $down, $left + $across, -$top);
            $texts = \array_map(\strval(...), $svg->xpath('//*[local-name()="text"]') ?: []);
            self::assertContains(\sprintf('Sheet %d of %d', $number + 1, \count($pages)), $texts);
            self::assertContains(\sprintf('row %d, column %d', \intdiv($number, $columns) + 1, $number % $columns + 1), $texts);
            // Cut marks at the four corners, outside the tile, and the scale with its ends.
            $marks = \array_map(\strval(...), $svg->xpath('//*[local-name()="path"][@stroke="#000000"]/@d') ?: []);
            self::assertCount(8 + 5, $marks);
            self::assertContains('M10 4L10 9', $marks);
            self::assertContains(\sprintf('M%d %dL%d %d', 11 + $wide, 10 + $high, 16 + $wide, 10 + $high), $marks);
            $scale = ($letter ? 279 : 297) - 15;
            self::assertContains("M10 {$scale}L160 $scale", $marks);
        }
        foreach ($tiles as $at => $tile) {
            self::assertSame($tiles[0]->left + $at % $columns * 1_000 * $wide, $tile->left);
            self::assertSame($tiles[0]->top - \intdiv($at, $columns) * 1_000 * $high, $tile->top);
        }
        $ink = $plan->separation->shown()->bounds();
        self::assertNotNull($ink);
        $last = $tiles[\count($tiles) - 1];
        $all = new Box($tiles[0]->left, $last->bottom, $last->right, $tiles[0]->top);
        self::assertTrue($all->holds($ink->grown(12_000)));
        self::assertSame($ink->left - 12_000, $all->left);
        self::assertGreaterThanOrEqual($press->distances[0]->fromY + 12_000, $all->top, 'and the edge that is measured from');
    }

    public function testABrimHasItsEdgeAndADesignWithoutInkNoSheets(): void
    {
        $brim = Designs::plan(['blank.drawing' => 'hat-brim', 'blank.placement.brim' => ['edge' => 175_000, 'crown' => 90_000], 'blank.placement.across' => 3_000]);
        $page = (new Templates())->pages((new PressPlanner())->plan($brim), $brim, false)[0];
        self::assertStringContainsString('<circle cx="-3000" cy="-90000" r="175000"', $page);
        $nothing = Designs::plan(['lines' => []]);
        self::assertSame([], (new Templates())->pages((new PressPlanner())->plan($nothing), $nothing, false));
    }
}
