<?php

declare(strict_types=1);

namespace Uvret\Cut\File;

use Uvret\Cut\CutSheet;
use Uvret\Geometry\SvgPath;

/** The blade side as SVG: hairlines for the knife, the weeding box as one more path. */
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

    public function write(CutSheet $sheet): string
    {
        $box = $sheet->box;
        $marks = $sheet->marks->isEmpty()
            ? ''
            : "  <g id=\"marks\" fill=\"none\" stroke=\"#22243A\" stroke-width=\"0.1\">\n".SvgPage::pieces($sheet->marks, $box)."  </g>\n";

        return SvgPage::of($box, $sheet->film->name.', blade side', \sprintf(
            "  <g id=\"lettering\" fill=\"none\" stroke=\"#22243A\" stroke-width=\"0.1\">\n%s  </g>\n%s  <path id=\"weeding-box\" fill=\"none\" stroke=\"#22243A\" stroke-width=\"0.1\" d=\"%s\"/>\n",
            SvgPage::pieces($sheet->region, $box),
            $marks,
            SvgPath::inMillimetres($sheet->frame, $box->left, $box->top),
        ));
    }
}
