<?php

declare(strict_types=1);

namespace Uvret\Press;

use Uvret\Blanks\Drawing;
use Uvret\Blanks\MeasuringEdge;
use Uvret\Geometry\Box;
use Uvret\Geometry\SvgPath;
use Uvret\Plan\Plan;
use Uvret\Proof\Page;
use Uvret\Proof\WornPicture;
use Uvret\Separate\CutLayer;

/**
 * Press plan → templates at true size to lay on the blank: ink, measuring edge, centre line. Large templates are tiled; trim the sheets at the crop
 * marks and join them edge to edge.
 */
final readonly class Templates
{
    /** Margin around a tile, in mm; the bottom one has room for the scale. */
    private const MARGIN = 10;
    private const FOOT = 16;

    /** Margin around the ink, in µm. */
    private const ROUND = 12_000;

    /** Length of the line for checking the printer's scale, in mm. */
    public const SCALE = 150;

    /** @return list<string> SVG documents, one per sheet, row by row from the upper left; empty without ink */
    public function pages(PressPlan $press, Plan $plan, bool $letter): array
    {
        $shown = $this->shown($press, $plan);
        if (null === $shown) {
            return [];
        }
        [$width, $height] = $letter ? [216, 279] : [210, 297];
        $tileWidth = $width - 2 * self::MARGIN;
        $tileHeight = $height - 2 * self::MARGIN - self::FOOT;
        $columns = (int) \ceil($shown->width() / 1_000 / $tileWidth);
        $rows = (int) \ceil($shown->height() / 1_000 / $tileHeight);
        $content = $this->content($press, $plan, $shown);
        $pages = [];
        for ($tile = 0; $tile < $rows * $columns; ++$tile) {
            [$row, $column] = [\intdiv($tile, $columns), $tile % $columns];
            $left = $shown->left + 1_000 * $column * $tileWidth;
            $top = $shown->top - 1_000 * $row * $tileHeight;
            $page = new Page($width, $height);
            $page->rectangle(0, 0, $width, $height, '#FFFFFF');
            $box = new Box($left, $top - 1_000 * $tileHeight, $left + 1_000 * $tileWidth, $top);
            $page->picture(self::MARGIN, self::MARGIN, $tileWidth, $tileHeight, WornPicture::viewBox($box), $content);
            self::marks($page, $tileWidth, $tileHeight);
            $this->foot($page, $plan, $height, \sprintf('Sheet %d of %d', $tile + 1, $rows * $columns), \sprintf('row %d, column %d', $row + 1, $column + 1));
            $pages[] = $page->svg("{$plan->design->name}, template");
        }

        return $pages;
    }

    /** Bounds of the ink and the relevant stretch of the edge. */
    private function shown(PressPlan $press, Plan $plan): ?Box
    {
        $box = $plan->separation->shown()->bounds();
        foreach ($press->distances as $distance) {
            $box = $box?->joined(new Box($distance->fromX, $distance->fromY, $distance->fromX, $distance->fromY));
        }

        return $box?->grown(self::ROUND);
    }

    private function content(PressPlan $press, Plan $plan, Box $shown): string
    {
        $blank = $plan->design->blank;
        $content = \implode('', \array_map(static fn (CutLayer $layer): string => \sprintf(
            '<path d="%s" fill="%s" fill-opacity="0.3" stroke="#22243A" stroke-width="200" fill-rule="evenodd"/>',
            SvgPath::inMicrometres($layer->shown, 0, 0),
            $layer->film->colour,
        ), $plan->separation->layers));
        $edges = Drawing::named($blank->drawing)->edges($blank);
        foreach ($edges as $edge) {
            $content .= self::line($edge);
        }
        if (null !== $blank->placement->brim) {
            $content .= \sprintf(
                '<circle cx="%d" cy="%d" r="%d" fill="none" stroke="#22243A" stroke-width="500"/>',
                -$blank->placement->across,
                -$blank->placement->down,
                $blank->placement->brim->edge,
            );
        }
        foreach ($press->distances as $distance) {
            $content .= \sprintf(
                '<path d="M%d %dL%d %d" stroke="#C9781A" stroke-width="300"/>',
                $distance->fromX,
                -$distance->fromY,
                $distance->toX,
                -$distance->toY,
            );
        }

        // Centre line of the area, for folding the sheet.
        return $content.\sprintf(
            '<path d="M0 %dV%d" stroke="#34408B" stroke-width="250" stroke-dasharray="4000 2000"/>',
            -$shown->top,
            -$shown->bottom,
        );
    }

    private static function line(MeasuringEdge $edge): string
    {
        $points = \array_map(static fn (array $point): string => $point[0].' '.-($point[1] ?? 0), \array_chunk($edge->line, 2));

        return \sprintf('<path d="M%s" fill="none" stroke="#22243A" stroke-width="500"/>', \implode('L', $points));
    }

    /** Crop marks outside the tile's corners. */
    private static function marks(Page $page, int $width, int $height): void
    {
        foreach ([self::MARGIN, self::MARGIN + $width] as $x) {
            foreach ([self::MARGIN, self::MARGIN + $height] as $y) {
                $page->mark($x, $y < 100 ? $y - 6 : $y + 1, $x, $y < 100 ? $y - 1 : $y + 6);
                $page->mark($x < 100 ? $x - 6 : $x + 1, $y, $x < 100 ? $x - 1 : $x + 6, $y);
            }
        }
    }

    private function foot(Page $page, Plan $plan, int $height, string $sheet, string $place): void
    {
        $y = $height - self::MARGIN - 5;
        $page->mark(self::MARGIN, $y, self::MARGIN + self::SCALE, $y);
        foreach ([0, 50, 100, self::SCALE] as $at) {
            $page->mark(self::MARGIN + $at, $y - 2, self::MARGIN + $at, $y + 2);
        }
        $page->text(self::MARGIN, $y + 6, 3, 'This line is '.self::SCALE.' mm long. If it is not, print at 100 %, not fitted to the page.');
        $page->text(self::MARGIN + self::SCALE + 6, $y - 1, 3, $sheet, true);
        $page->text(self::MARGIN + self::SCALE + 6, $y + 3, 2.6, $place);
        $page->text(self::MARGIN + self::SCALE + 6, $y + 6, 2.6, Page::shortened($plan->design->name, 24));
    }
}
