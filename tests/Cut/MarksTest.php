<?php

declare(strict_types=1);

namespace Uvret\Tests\Cut;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Cut\File\SvgFile;
use Uvret\Design\Layering\MarkKind;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;
use Uvret\Separate\Marks;
use Uvret\Tests\Support\Stack;

final class MarksTest extends TestCase
{
    /** @return iterable<string, array{MarkKind}> */
    public static function kinds(): iterable
    {
        yield 'box' => [MarkKind::Box];
        yield 'corners' => [MarkKind::Corners];
        yield 'pins' => [MarkKind::Pins];
    }

    #[DataProvider('kinds')]
    public function testMarksFitOnlyOneWay(MarkKind $kind): void
    {
        // A square is the hardest: it fits itself in eight ways.
        $marks = Marks::around(new Box(-50_000, -50_000, 50_000, 50_000), $kind);
        $shape = static fn (Region $region): Region => $region->union();
        $own = $shape(MarkKind::Box === $kind ? $marks->frame : $marks->shapes);
        $right = Affine::turn(90.0);
        foreach ([false, true] as $mirrored) {
            for ($turn = 0; $turn < 4; ++$turn) {
                $laid = $own;
                for ($step = 0; $step < $turn; ++$step) {
                    $laid = $laid->transform($right);
                }
                $laid = $mirrored ? $laid->transform(Affine::mirror()) : $laid;
                $same = $own->exclusive($laid)->area();
                0 === $turn && !$mirrored ? self::assertSame(0.0, $same) : self::assertGreaterThan(
                    2e6,
                    $same,
                    "turned $turn, ".($mirrored ? 'mirrored' : 'not mirrored'),
                );
            }
        }
        // Far enough from the ink, and not too small to weed.
        $ink = (new Box(-50_000, -50_000, 50_000, 50_000))->toRegion();
        foreach ($marks->shapes->pieces() as $mark) {
            self::assertGreaterThan(1_500, $mark->distanceTo($ink));
            self::assertGreaterThan(1_500, 2 * $mark->inscribedRadius());
            self::assertTrue($mark->subtract($marks->frame)->isEmpty());
        }
    }

    #[DataProvider('kinds')]
    public function testMarksAndInkKeepTheirPlacesInEveryCutFile(MarkKind $kind): void
    {
        // The third film has little ink; the second is cut as worn.
        $plan = Stack::plan(
            [
                Stack::box('chalk', 0, 100, 90, 60, ['kind' => 'shield']),
                Stack::box('buoy', 10, 95, 30, 30, ['kind' => 'star']),
                Stack::box('ink', -20, 110, 4, 4, ['kind' => 'circle']),
            ],
            ['buoy' => ['bladeSide' => 'as worn']],
            ['marks' => $kind->value],
        );
        self::assertCount(3, $plan->cutPlan->sheets);
        $expected = $plan->separation->marks;
        foreach ($plan->cutPlan->sheets as $at => $sheet) {
            $svg = \simplexml_load_string((new SvgFile())->write($sheet));
            self::assertNotFalse($svg);
            $groups = ['marks' => [], 'lettering' => []];
            foreach ($svg->g as $group) {
                $groups[(string) $group['id']] = self::points(...\array_map(
                    static fn ($path): string => (string) $path['d'],
                    \iterator_to_array($group->path, false),
                ));
            }
            $groups['weeding-box'] = self::points((string) $svg->path['d']);
            $layer = $plan->separation->layers[$at];
            // Back on the wear side, one shift brings weeding box, marks and ink to where the design has them.
            $worn = \array_map(static fn (array $points): array => self::worn($points, $sheet->film->mirrored), $groups);
            $box = $expected->frame->bounds();
            self::assertNotNull($box);
            self::assertNotSame([], $worn['weeding-box']);
            $by = [$box->left - \min(\array_column($worn['weeding-box'], 0) ?: [0]), $box->bottom - \min(\array_column($worn['weeding-box'], 1) ?: [0])];
            self::assertSamePoints($layer->region, $worn['lettering'], $by);
            self::assertSamePoints($expected->shapes, $worn['marks'], $by);
            self::assertSamePoints($expected->frame, $worn['weeding-box'], $by);
        }
    }

    public function testOneLayerAloneHasItsOwnWeedingBox(): void
    {
        $plan = Stack::plan([Stack::box('chalk', 0, 100, 40, 30)]);
        self::assertTrue($plan->cutPlan->sheets[0]->marks->isEmpty());
        self::assertSame([52_000, 42_000], [$plan->cutPlan->sheets[0]->box->width(), $plan->cutPlan->sheets[0]->box->height()]);
        $none = Stack::plan([Stack::box('chalk', 0, 100, 40, 30), Stack::box('buoy', 60, 100, 10, 10)], [], ['marks' => 'none']);
        self::assertSame([22_000, 22_000], [$none->cutPlan->sheets[1]->box->width(), $none->cutPlan->sheets[1]->box->height()]);
    }

    /** @return list<array{int, int}> of SVG path data in millimetres, in µm */
    private static function points(string ...$paths): array
    {
        \preg_match_all('/[ML](-?[\d.]+) (-?[\d.]+)/', \implode('', $paths), $found, \PREG_SET_ORDER);

        return \array_map(static fn (array $point): array => [(int) \round(1_000 * (float) $point[1]), (int) \round(1_000 * (float) $point[2])], $found);
    }

    /**
     * @param list<array{int, int}> $points
     *
     * @return list<array{int, int}>
     */
    private static function worn(array $points, bool $mirrored): array
    {
        return \array_map(static fn (array $point): array => [$mirrored ? -$point[0] : $point[0], -$point[1]], $points);
    }

    /**
     * @param list<array{int, int}> $points
     * @param array{int, int}       $by
     */
    private static function assertSamePoints(Region $region, array $points, array $by): void
    {
        $points = \array_map(static fn (array $point): array => [$point[0] + $by[0], $point[1] + $by[1]], $points);
        $own = [];
        foreach ($region->rings() as $ring) {
            \array_push($own, ...\array_chunk($ring, 2));
        }
        \sort($own);
        \sort($points);
        self::assertCount(\count($own), $points);
        foreach ($own as $at => $point) {
            self::assertLessThanOrEqual(1, \max(\abs($point[0] - $points[$at][0]), \abs($point[1] - $points[$at][1])));
        }
    }
}
