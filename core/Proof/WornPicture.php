<?php

declare(strict_types=1);

namespace Uvret\Proof;

use Uvret\Blanks\Drawing;
use Uvret\Design\Film;
use Uvret\Design\FilmFace;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;
use Uvret\Geometry\SvgPath;
use Uvret\Plan\Plan;

/** A design on its blank, as it will be worn. */
final class WornPicture
{
    /** What a point of a small picture may be off, in µm: far less than a pixel. */
    private const STEP = 200;

    /** An SVG document to be shown in small. */
    public static function small(Plan $plan): string
    {
        $drawing = Drawing::named($plan->design->blank->drawing);
        $lettering = self::painted($plan, static fn (Region $region, Film $film): string => \sprintf(
            '<path fill="%s" fill-rule="evenodd" transform="scale(%d)" d="%s"/>',
            $film->colour,
            self::STEP,
            SvgPath::coarse($region, self::STEP),
        ));

        return \sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="%s">%s%s</svg>',
            self::viewBox($drawing->extent($plan->design->blank)),
            $drawing->placed($plan->design->blank),
            $lettering,
        );
    }

    /** The lettering with the films' faces, whose patterns are defined elsewhere. */
    public static function lettering(Plan $plan): string
    {
        return self::painted($plan, static fn (Region $region, Film $film): string => \sprintf(
            '<path fill="%s" fill-rule="evenodd" d="%s"/>',
            FilmFace::fill($film),
            SvgPath::inMicrometres($region, 0, 0),
        ));
    }

    public static function viewBox(Box $box): string
    {
        return \sprintf('%d %d %d %d', $box->left, -$box->top, \max(1, $box->width()), \max(1, $box->height()));
    }

    /** @param callable(Region, Film): string $path */
    private static function painted(Plan $plan, callable $path): string
    {
        $paths = '';
        foreach ($plan->composition->worn() as $part) {
            $paths .= $path($plan->separation->worn($part->film, $part->region), $plan->design->film($part->film));
        }

        return $paths;
    }
}
