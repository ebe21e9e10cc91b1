<?php

declare(strict_types=1);

namespace Uvret\Press;

use Uvret\Blanks\Drawing;
use Uvret\Design\FilmFace;
use Uvret\Geometry\Box;
use Uvret\Geometry\Length;
use Uvret\Geometry\Unit;
use Uvret\Plan\Plan;
use Uvret\Proof\WornPicture;

/** The worn garment with the platen of each section and the distances to check. */
final class PressPicture
{
    private const MARK = '#C9781A';

    /** An SVG document for a screen. */
    public static function svg(PressPlan $press, Plan $plan): string
    {
        [$box, $content] = self::parts($press, $plan, 150, 150);

        return \sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" font-family="Archivo, sans-serif" viewBox="%s">%s</svg>',
            WornPicture::viewBox($box),
            $content,
        );
    }

    /**
     * @param int $width  on screen, so that lines and numbers have a constant size
     * @param int $height on screen
     *
     * @return array{Box, string} visible area in µm, and SVG elements
     */
    public static function parts(PressPlan $press, Plan $plan, int $width, int $height): array
    {
        $design = $plan->design;
        $worn = Drawing::named($design->blank->drawing);
        $extent = $worn->extent($design->blank);
        foreach ($press->sections as $section) {
            $extent = $extent->joined($section->region()->bounds() ?? $extent);
        }
        $scale = \max($extent->width() / $width, $extent->height() / $height);
        $content = FilmFace::patterns($design->films, $scale / 900).$worn->placed($design->blank, true).WornPicture::lettering($plan);
        foreach ($press->sections as $number => $section) {
            $content .= self::platen($section, \count($press->sections) > 1 ? $number + 1 : null, $scale);
        }
        foreach ($press->distances as $distance) {
            $content .= self::distance($distance, $design->unit, $scale);
        }

        return [$extent, $content];
    }

    private static function platen(Section $section, ?int $number, float $scale): string
    {
        $points = \implode(' ', \array_map(static fn (array $corner): string => $corner[0].','.-$corner[1], $section->corners()));

        return \sprintf(
            '<polygon points="%s" fill="none" stroke="%s" stroke-width="%d" stroke-dasharray="%d %d"/>',
            $points,
            self::MARK,
            0.7 * $scale,
            2.2 * $scale,
            1.4 * $scale,
        ).(null === $number ? '' : self::label($section->x, $section->y, (string) $number, $scale, '#FFFFFF', self::MARK));
    }

    private static function distance(Distance $distance, Unit $unit, float $scale): string
    {
        $isInch = Unit::Inch === $unit;

        return \sprintf(
            '<path d="M%d %dL%d %d" stroke="#22243A" stroke-width="%d"/>',
            $distance->fromX,
            -$distance->fromY,
            $distance->toX,
            -$distance->toY,
            0.5 * $scale,
        ).self::label(
            \intdiv($distance->fromX + $distance->toX, 2),
            \intdiv($distance->fromY + $distance->toY, 2),
            $isInch ? Length::ofMicrometres($distance->rounded(true))->format($unit) : (string) \intdiv($distance->rounded(false), 1_000),
            $scale,
            '#22243A',
            '#EBDFC6',
        );
    }

    private static function label(int $x, int $y, string $text, float $scale, string $ink, string $ground): string
    {
        $width = 2.7 * \mb_strlen($text) + 3;

        // Text is drawn small and scaled up: browsers limit font sizes to 10,000 units.
        return \sprintf(
            '<g transform="translate(%d %d) scale(%.1F)"><rect x="%.2F" y="-3" width="%.2F" height="6" rx="0.6" fill="%s"/>'
            .'<text y="1.65" font-size="4.6" font-weight="bold" fill="%s" text-anchor="middle">%s</text></g>',
            $x,
            -$y,
            $scale,
            -$width / 2,
            $width,
            $ground,
            $ink,
            \htmlspecialchars($text, \ENT_XML1),
        );
    }
}
