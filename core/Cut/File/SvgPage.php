<?php

declare(strict_types=1);

namespace Uvret\Cut\File;

use Uvret\Geometry\Box;
use Uvret\Geometry\Region;
use Uvret\Geometry\SvgPath;

/** SVG at true size: width, height and viewBox in millimetres, one path per piece. */
final class SvgPage
{
    public static function pieces(Region $region, Box $box): string
    {
        $paths = '';
        foreach ($region->pieces() as $piece) {
            $paths .= '    <path fill-rule="evenodd" d="'.SvgPath::inMillimetres($piece, $box->left, $box->top)."\"/>\n";
        }

        return $paths;
    }

    public static function of(Box $box, string $title, string $content): string
    {
        $width = SvgPath::decimal($box->width());
        $height = SvgPath::decimal($box->height());

        return \sprintf(
            "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n"
            ."<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%smm\" height=\"%smm\" viewBox=\"0 0 %s %s\">\n"
            ."  <title>%s</title>\n%s</svg>\n",
            $width,
            $height,
            $width,
            $height,
            \htmlspecialchars($title, \ENT_XML1 | \ENT_QUOTES),
            $content,
        );
    }
}
