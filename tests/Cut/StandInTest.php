<?php

declare(strict_types=1);

namespace Uvret\Tests\Cut;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Uvret\Cut\File\HpglFile;
use Uvret\Cut\Knife\KnifePlan;
use Uvret\Cut\Knife\KnifePlanner;
use Uvret\Cut\Knife\KnifeSettings;
use Uvret\Geometry\Measure\BoxTree;
use Uvret\Plan\Planner;
use Uvret\Tests\Support\Designs;
use Uvret\Tests\Support\Json;
use Uvret\Tests\Support\Letters;

/** The stand-in cutter, which shares no code with the plan, as its judge: how long it takes, and where its tip was. */
final class StandInTest extends TestCase
{
    /** @return iterable<string, array{string, string}> */
    public static function layers(): iterable
    {
        yield 'a script' => ['kit-bag-ottilie', 'ink'];
        yield 'block letters with marks' => ['crew-shirt-back', 'chalk'];
        yield 'a spiral of small letters' => ['song-tote', 'chalk'];
    }

    #[DataProvider('layers')]
    public function testItTakesAsLongAsPlannedAndItsTipStaysWithinFiftyMicrometres(string $design, string $film): void
    {
        $plan = self::plan($design, $film, new KnifeSettings());
        $cut = self::cut($plan);
        self::assertSame('ready', $cut->string('state'));
        self::assertEqualsWithDelta(1.0, $plan->seconds / self::number($cut->get('seconds')), 0.03);
        // The first stroke turns the blade.
        $strokes = \array_slice(self::strokes($cut), 1);
        self::assertCount(\count($plan->rings), $strokes);
        foreach ($strokes as $at => $stroke) {
            self::assertLessThan(50.0, self::farthest($stroke, $plan->rings[$at]->points));
        }
    }

    public function testWithoutCompensationItIsSeenWhereCornersAreRounded(): void
    {
        $plan = self::plan('crew-shirt-back', 'chalk', new KnifeSettings(compensate: false));
        $far = 0.0;
        foreach (self::strokes(self::cut($plan)) as $at => $stroke) {
            $far = \max($far, self::farthest($stroke, $plan->rings[$at]->points));
        }
        self::assertGreaterThan(100.0, $far);
    }

    private static function plan(string $design, string $film, KnifeSettings $settings): KnifePlan
    {
        $plan = (new Planner(Letters::typeCase()))->plan(Designs::demo($design));
        foreach ($plan->cutPlan->sheets as $sheet) {
            if ($sheet->film->id === $film) {
                return (new KnifePlanner())->plan($sheet, $settings);
            }
        }
        self::fail("Nothing is cut from $film.");
    }

    private static function cut(KnifePlan $plan): Json
    {
        $file = (string) \tempnam(\sys_get_temp_dir(), 'hpgl');
        try {
            \file_put_contents($file, (new HpglFile())->write($plan));
            $process = new Process(['node', \dirname(__DIR__, 2).'/stand-ins/cutter/run.mjs', $file, (string) ($plan->settings->offset / 1_000)], timeout: 120);
            $process->mustRun();

            return Json::of($process->getOutput());
        } finally {
            \unlink($file);
        }
    }

    /** @return list<list<array{int, int}>> in µm from the sheet's corner */
    private static function strokes(Json $cut): array
    {
        /** @var list<list<float>> $strokes */
        $strokes = $cut->get('strokes');

        return \array_map(static fn (array $stroke): array => \array_map(
            static fn (array $point): array => [(int) \round(1_000 * $point[0]) - HpglFile::EDGE, (int) \round(1_000 * ($point[1] ?? 0)) - HpglFile::EDGE],
            \array_chunk($stroke, 2),
        ), $strokes);
    }

    /**
     * @param list<array{int, int}> $points
     * @param list<int>             $ring
     */
    private static function farthest(array $points, array $ring): float
    {
        $tree = BoxTree::of([$ring]);
        $far = 0.0;
        foreach ($points as $at => [$x, $y]) {
            while (0 === $at % 3 && $tree->edgeNearer($x, $y, $far + 1.0) < 0) {
                ++$far;
            }
        }

        return $far;
    }

    private static function number(mixed $value): float
    {
        return \is_int($value) || \is_float($value) ? (float) $value : \NAN;
    }
}
