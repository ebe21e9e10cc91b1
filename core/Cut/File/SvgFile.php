<?php

declare(strict_types=1);

namespace Uvret\Cut\File;

use Uvret\Cut\CutSheet;
use Uvret\Cut\Knife\KnifePlan;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;
use Uvret\Geometry\SvgPath;

/** The blade side as SVG: hairline curves, the weeding frame as another path. */
final readonly class SvgFile implements CutterFile
{
    public function extension(): string
    {
        return 'svg';
    }

    public function mediaType(): string
    {
        return 'image/svg+xml';
    }

    public function write(KnifePlan $plan): string
    {
        $sheet = $plan->sheet;
        $groups = self::group('lettering', $sheet->region->pieces(), $sheet->box);
        $groups .= $sheet->marks->isEmpty() ? '' : self::group('marks', $sheet->marks->pieces(), $sheet->box);
        $frame = '  <path id="weeding-box" fill="none" stroke="#22243A" stroke-width="0.1" d="'.self::data($sheet->frame, $sheet->box)."\"/>\n";

        $parting = self::parting($sheet);

        return SvgPage::of($sheet->box, $sheet->film->name.', blade side', $groups.$parting.$frame);
    }

    /** The relief cuts, as one path. */
    private static function parting(CutSheet $sheet): string
    {
        $data = '';
        foreach ($sheet->parting as $line) {
            foreach (\array_chunk($line, 2) as $at => [$x, $y]) {
                $data .= (0 === $at ? 'M' : 'L').SvgPath::decimal($x - $sheet->box->left).' '.SvgPath::decimal($sheet->box->top - $y);
            }
        }

        return '' === $data ? '' : "  <path id=\"parting\" fill=\"none\" stroke=\"#22243A\" stroke-width=\"0.1\" d=\"$data\"/>\n";
    }

    /** @param list<Region> $pieces */
    private static function group(string $id, array $pieces, Box $box): string
    {
        $paths = '';
        foreach ($pieces as $piece) {
            $paths .= '    <path fill-rule="evenodd" d="'.self::data($piece, $box)."\"/>\n";
        }

        return "  <g id=\"$id\" fill=\"none\" stroke=\"#22243A\" stroke-width=\"0.1\">\n$paths  </g>\n";
    }

    private static function data(Region $piece, Box $box): string
    {
        $data = '';
        foreach (Curves::of($piece) as $steps) {
            foreach ($steps as $number => $step) {
                $data .= 0 === $number ? 'M' : (2 === \count($step) ? 'L' : 'C');
                foreach ($step as $at => $value) {
                    $whole = (int) \round(0 === $at % 2 ? $value - $box->left : $box->top - $value);
                    $data .= (0 === $at ? '' : ' ').SvgPath::decimal($whole);
                }
            }
            $data .= 'Z';
        }

        return $data;
    }
}
