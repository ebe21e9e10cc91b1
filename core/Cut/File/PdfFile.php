<?php

declare(strict_types=1);

namespace Uvret\Cut\File;

use Uvret\Cut\Knife\KnifePlan;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;

/** The blade side as PDF 1.4, one page at true size: hairlines in curves. */
final readonly class PdfFile implements CutterFile
{
    /** Points a µm. */
    private const POINT = 72 / 25_400;

    public function extension(): string
    {
        return 'pdf';
    }

    public function mediaType(): string
    {
        return 'application/pdf';
    }

    public function write(KnifePlan $plan): string
    {
        $sheet = $plan->sheet;
        $content = '0.28 w 0.133 0.141 0.227 RG'."\n";
        foreach ([...$sheet->region->pieces(), ...$sheet->marks->pieces(), $sheet->frame] as $piece) {
            $content .= self::data($piece, $sheet->box)."S\n";
        }
        foreach ($sheet->parting as $line) {
            foreach (\array_chunk($line, 2) as $at => [$x, $y]) {
                $content .= self::points($x - $sheet->box->left).' '.self::points($y - $sheet->box->bottom).(0 === $at ? " m\n" : " l\n");
            }
            $content .= "S\n";
        }
        $title = \mb_convert_encoding($sheet->film->name.', blade side', 'UTF-16BE', 'UTF-8');

        return self::file([
            '<< /Type /Catalog /Pages 2 0 R >>',
            '<< /Type /Pages /Kids [3 0 R] /Count 1 >>',
            \sprintf(
                '<< /Type /Page /Parent 2 0 R /MediaBox [0 0 %s %s] /Resources << >> /Contents 4 0 R >>',
                self::points($sheet->box->width()),
                self::points($sheet->box->height()),
            ),
            \sprintf("<< /Length %d >>\nstream\n%sendstream", \strlen($content), $content),
            '<< /Title <FEFF'.\strtoupper(\bin2hex($title)).'> >>',
        ]);
    }

    private static function data(Region $piece, Box $box): string
    {
        $data = '';
        foreach (Curves::of($piece) as $steps) {
            foreach ($steps as $number => $step) {
                foreach ($step as $at => $value) {
                    $data .= self::points($value - (0 === $at % 2 ? $box->left : $box->bottom)).' ';
                }
                $data .= 0 === $number ? "m\n" : (2 === \count($step) ? "l\n" : "c\n");
            }
            $data .= "h\n";
        }

        return $data;
    }

    private static function points(float $micrometres): string
    {
        return \rtrim(\rtrim(\sprintf('%.4F', $micrometres * self::POINT), '0'), '.');
    }

    /** @param list<string> $objects the last one is the catalogue */
    private static function file(array $objects): string
    {
        $file = "%PDF-1.4\n";
        $places = '';
        foreach ($objects as $number => $object) {
            $places .= \sprintf("%010d 00000 n \n", \strlen($file));
            $file .= \sprintf("%d 0 obj\n%s\nendobj\n", $number + 1, $object);
        }
        $start = \strlen($file);
        $count = \count($objects);

        return $file.\sprintf("xref\n0 %d\n0000000000 65535 f \n%s", $count + 1, $places)
            .\sprintf("trailer\n<< /Size %d /Root 1 0 R /Info %d 0 R >>\nstartxref\n%d\n%%%%EOF\n", $count + 1, $count, $start);
    }
}
