<?php

declare(strict_types=1);

namespace Uvret\Cut;

use Uvret\Compose\Composition;
use Uvret\Design\Design;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;
use Uvret\Geometry\SvgPath;
use Uvret\Separate\Separation;

/** SVG files at true size: width, height and viewBox in millimetres, one path for each piece. */
final readonly class SvgSheet
{
    /** The blade side: hairlines for the knife, the weeding box as one more path. */
    public function bladeSide(CutSheet $sheet): string
    {
        $box = $sheet->box;
        $marks = $sheet->marks->isEmpty() ? '' : "  <g id=\"marks\" fill=\"none\" stroke=\"#22243A\" stroke-width=\"0.1\">\n{$this->pieces($sheet->marks, $box)}  </g>\n";

        return $this->document($box, $sheet->film->name.', blade side', \sprintf(
            "  <g id=\"lettering\" fill=\"none\" stroke=\"#22243A\" stroke-width=\"0.1\">\n%s  </g>\n%s  <path id=\"weeding-box\" fill=\"none\" stroke=\"#22243A\" stroke-width=\"0.1\" d=\"%s\"/>\n",
            $this->pieces($sheet->region, $box),
            $marks,
            SvgPath::inMillimetres($sheet->frame, $box->left, $box->top),
        ));
    }

    /** The wear side: all parts in the colours of their films, in the order they are pressed. */
    public function wearSide(Design $design, Composition $composition, Separation $separation): string
    {
        $box = $composition->ink() ?? $composition->area;
        $groups = '';
        foreach ($design->films as $film) {
            foreach ($composition->parts as $part) {
                if ($part->film === $film->id && !$part->guide && !$part->region->isEmpty()) {
                    $groups .= \sprintf("  <g id=\"%s\" fill=\"%s\">\n%s  </g>\n", $part->also ? "$part->card-{$part->role->value}-$film->id" : $part->card, $film->colour, $this->pieces($separation->worn($film->id, $part->region), $box));
                }
            }
        }

        return $this->document($box, $design->name.', wear side', $groups);
    }

    private function pieces(Region $region, Box $box): string
    {
        $paths = '';
        foreach ($region->pieces() as $piece) {
            $paths .= '    <path fill-rule="evenodd" d="'.SvgPath::inMillimetres($piece, $box->left, $box->top)."\"/>\n";
        }

        return $paths;
    }

    private function document(Box $box, string $title, string $content): string
    {
        $width = SvgPath::decimal($box->width());
        $height = SvgPath::decimal($box->height());

        return \sprintf(
            "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%smm\" height=\"%smm\" viewBox=\"0 0 %s %s\">\n  <title>%s</title>\n%s</svg>\n",
            $width,
            $height,
            $width,
            $height,
            \htmlspecialchars($title, \ENT_XML1 | \ENT_QUOTES),
            $content,
        );
    }
}
