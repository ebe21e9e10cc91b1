<?php

declare(strict_types=1);

namespace Uvret\Tests\Cut;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Cut\File\SvgFile;
use Uvret\Cut\Knife\KnifePlanner;
use Uvret\Cut\Knife\KnifeSettings;
use Uvret\Design\Layering\MarkKind;
use Uvret\Design\Weeding\Margins;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;
use Uvret\Separate\Marks;
use Uvret\Tests\Support\Stack;
use Uvret\Tests\Support\SvgRings;

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
        $marks = Marks::around(new Box(-50_000, -50_000, 50_000, 50_000), $kind, new Margins(6_000, 6_000, 6_000, 6_000));
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
            $svg = \simplexml_load_string((new SvgFile())->write((new KnifePlanner())->plan($sheet, new KnifeSettings())));
            self::assertNotFalse($svg);
            $groups = ['marks' => Region::empty(), 'lettering' => Region::empty()];
            foreach ($svg->g as $group) {
                $groups[(string) $group['id']] = SvgRings::region(\array_map(
                    static fn ($path): string => (string) $path['d'],
                    \iterator_to_array($group->path, false),
                ));
            }
            $groups['weeding-box'] = SvgRings::region([(string) $svg->path['d']]);
            $layer = $plan->separation->layers[$at];
            // Back on the wear side, one shift brings weeding box, marks and ink to where the design has them.
            $worn = \array_map(static fn (Region $region): Region => $sheet->film->mirrored ? $region->transform(Affine::mirror()) : $region, $groups);
            [$box, $own] = [$expected->frame->bounds(), $worn['weeding-box']->bounds()];
            self::assertNotNull($box);
            self::assertNotNull($own);
            $by = Affine::move($box->left - $own->left, $box->bottom - $own->bottom);
            self::assertSameShape($layer->region, $worn['lettering'], $by);
            self::assertSameShape($expected->shapes, $worn['marks'], $by);
            self::assertSameShape($expected->frame, $worn['weeding-box'], $by);
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

    private static function assertSameShape(Region $region, Region $drawn, Affine $by): void
    {
        // Curves keep within 10 µm.
        self::assertLessThanOrEqual(12.0 * $region->perimeter(), $region->exclusive($drawn->transform($by))->area());
    }
}
