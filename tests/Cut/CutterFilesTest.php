<?php

declare(strict_types=1);

namespace Uvret\Tests\Cut;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Uvret\Cut\CutSheet;
use Uvret\Cut\File\CutterFile;
use Uvret\Cut\File\DxfFile;
use Uvret\Cut\File\HpglFile;
use Uvret\Cut\File\PdfFile;
use Uvret\Cut\File\SvgFile;
use Uvret\Cut\Knife\KnifePlan;
use Uvret\Cut\Knife\KnifePlanner;
use Uvret\Cut\Knife\KnifeSettings;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;
use Uvret\Plan\Plan;
use Uvret\Tests\Support\Designs;
use Uvret\Tests\Support\Json;
use Uvret\Tests\Support\Png;
use Uvret\Tests\Support\SvgRings;

/** Each format read back by a program that is not ours: the same shapes, mirrored as the film says, at true size. */
final class CutterFilesTest extends TestCase
{
    /** @return iterable<string, array{bool, array<string, mixed>}> whether it is mirrored, and the design */
    public static function layers(): iterable
    {
        yield 'a script, mirrored' => [true, []];
        $asWorn = ['bladeSide' => 'as worn'] + Designs::FILM;
        yield 'block letters, as worn' => [false, ['lines.0.font' => 'anton', 'lines.0.words' => 'BOAT 86', 'films.0' => $asWorn]];
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('layers')]
    public function testSvgReadByLibrsvgHasItsCurvesAndTheInksArea(bool $mirrored, array $changes): void
    {
        $plan = Designs::plan($changes);
        [$sheet, $text] = self::written($plan, new SvgFile());
        $svg = \simplexml_load_string($text);
        self::assertNotFalse($svg);
        self::assertSame(self::millimetres($sheet->box->width()).'mm', (string) $svg['width']);
        self::assertSame(self::millimetres($sheet->box->height()).'mm', (string) $svg['height']);
        $data = \array_map(static fn ($path): string => (string) $path['d'], \iterator_to_array($svg->g->path, false));
        self::assertSheet($plan, $mirrored, SvgRings::region($data)->transform(Affine::move(0, $sheet->box->height())));
        $nodes = \array_sum(\array_map(SvgRings::nodes(...), $data));
        self::assertLessThan($sheet->region->vertexCount() / 6, $nodes, 'curves as curves');
        // Painted, its ink is as large as it should be.
        $painted = \str_replace('fill="none" stroke="#22243A"', 'fill="#000" stroke="none"', \preg_replace('/<path id="weeding-box".*/', '', $text) ?? '');
        // Ten points a millimetre.
        $painted = \preg_replace_callback('/="([\d.]+)mm"/', static fn (array $side): string => \sprintf('="%F"', 10 * (float) $side[1]), $painted) ?? '';
        $picture = Png::drawn($painted);
        $ink = 0.0;
        for ($y = 0; $y < $picture->height; ++$y) {
            for ($x = 0; $x < $picture->width; ++$x) {
                $ink += $picture->darkness($x, $y);
            }
        }
        self::assertEqualsWithDelta(1.0, $ink / 100 / ($sheet->region->area() / 1e6), 0.002);
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('layers')]
    public function testHpglReadByAPlotterProgramHasTheRingsInTheirOrder(bool $mirrored, array $changes): void
    {
        $plan = Designs::plan($changes);
        [$sheet, $text, $knifePlan] = self::written($plan, new HpglFile(), new KnifeSettings(compensate: false));
        self::assertMatchesRegularExpression('/^(?:IN|SP\d|VS\d+|FS\d+|PA|PU|P[UD]-?\d+,-?\d+(?:,-?\d+,-?\d+)*|\s|;)+$/', $text);
        $dxf = self::read(['hp2xx', '-q', '-t', '-m', 'dxf', '-f', '-'], $text);
        $line = '/\n10\n([-\d.]+)\n20\n([-\d.]+)\n30\n[-\d.]+\n11\n([-\d.]+)\n21\n([-\d.]+)/';
        \preg_match_all($line, \str_replace(["\r", ' '], '', $dxf), $lines, \PREG_SET_ORDER);
        $rings = [];
        $end = null;
        foreach ($lines as [, $x1, $y1, $x2, $y2]) {
            if ($end !== [$x1, $y1]) {
                $rings[] = [self::micrometres($x1), self::micrometres($y1)];
            }
            \array_push($rings[\count($rings) - 1], self::micrometres($x2), self::micrometres($y2));
            $end = [$x2, $y2];
        }
        self::assertCount(\count($knifePlan->rings), $rings);
        foreach ($rings as $at => [$x, $y]) {
            [$startX, $startY] = $knifePlan->rings[$at]->points;
            // What it reads it moves to its own corner.
            self::assertLessThanOrEqual(13.0, \max(\abs($startX - $x), \abs($startY - $y)));
        }
        self::assertSheet($plan, $mirrored, Region::fromRings(\array_slice($rings, 0, -1)), 26.0);
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('layers')]
    public function testDxfReadByAnNpmReaderIsInMillimetres(bool $mirrored, array $changes): void
    {
        $plan = Designs::plan($changes);
        [$sheet, $text, $knifePlan] = self::written($plan, new DxfFile());
        $file = (string) \tempnam(\sys_get_temp_dir(), 'dxf');
        try {
            \file_put_contents($file, $text);
            $read = Json::of(self::read(['node', __DIR__.'/read-dxf.mjs', $file]));
        } finally {
            \unlink($file);
        }
        self::assertSame(4, $read->get('units'));
        /** @var list<array{type: string, layer: string, shape: bool, points: list<array{float, float}>}> $all */
        $all = $read->get('polylines');
        $rings = ['LETTERING' => [], 'FRAME' => []];
        foreach ($all as ['type' => $type, 'layer' => $layer, 'shape' => $closed, 'points' => $points]) {
            self::assertSame(['POLYLINE', true], [$type, $closed]);
            $rings[$layer][] = \array_map(self::micrometres(...), \array_merge(...$points));
        }
        self::assertCount(\count($knifePlan->rings), $all);
        self::assertSheet($plan, $mirrored, Region::fromRings($rings['LETTERING']), 13.0);
        self::assertEquals($sheet->frame, Region::fromRings($rings['FRAME']));
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('layers')]
    public function testPdfReadByPopplerIsAtTrueSize(bool $mirrored, array $changes): void
    {
        $plan = Designs::plan($changes);
        [$sheet, $text] = self::written($plan, new PdfFile());
        $file = (string) \tempnam(\sys_get_temp_dir(), 'pdf');
        try {
            \file_put_contents($file, $text);
            self::read(['qpdf', '--check', $file]);
            $info = self::read(['pdfinfo', $file]);
            $svg = self::read(['pdftocairo', '-svg', $file, '-']);
        } finally {
            \unlink($file);
        }
        \preg_match('/Page size: +([\d.]+) x ([\d.]+) pts/', $info, $size);
        self::assertEqualsWithDelta($sheet->box->width(), 25_400 / 72 * (float) ($size[1] ?? 0), 50);
        self::assertEqualsWithDelta($sheet->box->height(), 25_400 / 72 * (float) ($size[2] ?? 0), 50);
        self::assertStringContainsString('Harbour ink, blade side', $info);
        \preg_match_all('/<path style="fill:none[^>]* d="([^"]*)"/', $svg, $paths);
        // The last one is the frame; y points up before the page turns it over.
        $drawn = SvgRings::region(\array_slice($paths[1], 0, -1), 25_400 / 72);
        self::assertSheet($plan, $mirrored, $drawn->transform(new Affine(1, 0, 0, -1, 0, 0)));
    }

    /** @return array{CutSheet, string, KnifePlan} */
    private static function written(Plan $plan, CutterFile $format, KnifeSettings $settings = new KnifeSettings()): array
    {
        $knifePlan = (new KnifePlanner())->plan($plan->cutPlan->sheets[0], $settings);

        return [$knifePlan->sheet, $format->write($knifePlan), $knifePlan];
    }

    /** The same as the layer on the wear side, mirrored where the film says so, once, from the corner of its box. */
    private static function assertSheet(Plan $plan, bool $mirrored, Region $read, float $within = 11.0): void
    {
        $worn = $plan->separation->layers[0]->region;
        $expected = $mirrored ? $worn->transform(new Affine(-1, 0, 0, 1, 0, 0)) : $worn;
        [$box, $own] = [$expected->bounds() ?? new Box(0, 0, 0, 0), $plan->cutPlan->sheets[0]->region->bounds() ?? new Box(0, 0, 0, 0)];
        $expected = $expected->transform(Affine::move($own->left - $box->left, $own->bottom - $box->bottom));
        self::assertLessThan($within * $expected->perimeter(), $read->exclusive($expected)->area());
        self::assertEqualsWithDelta(1.0, $read->area() / $expected->area(), 0.002);
        $bounds = $read->bounds() ?? new Box(0, 0, 0, 0);
        self::assertEqualsWithDelta($own->width(), $bounds->width(), 50);
        self::assertEqualsWithDelta($own->height(), $bounds->height(), 50);
    }

    /** @param list<string> $command */
    private static function read(array $command, ?string $input = null): string
    {
        $process = new Process($command, input: $input);
        $process->mustRun();

        return $process->getOutput();
    }

    private static function millimetres(int $micrometres): string
    {
        return \rtrim(\rtrim(\sprintf('%.3F', $micrometres / 1_000), '0'), '.');
    }

    private static function micrometres(mixed $millimetres): int
    {
        return (int) \round(1_000 * (\is_numeric($millimetres) ? (float) $millimetres : \NAN));
    }
}
