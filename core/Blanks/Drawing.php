<?php

declare(strict_types=1);

namespace Uvret\Blanks;

use Uvret\Artwork\Svg\PathData;
use Uvret\Design\Blank;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Box;

/**
 * How a kind of blank is drawn: an SVG file in millimetres round the blank's measuring point, whose paths say by
 * class what they are (cloth, seam, stitch, fold) and are painted as that in any colour of fabric.
 */
final readonly class Drawing
{
    /** Pieces of a curve of an edge: less than 0.05 mm off on the largest blank. */
    private const STEPS = 48;

    private const FOLDER = __DIR__.'/drawings';

    private function __construct(
        private \SimpleXMLElement $svg,
        private float $width,
        private float $grain,
    ) {
    }

    /** @throws BlankException where there is no such drawing */
    public static function named(string $name): self
    {
        $file = self::FOLDER."/$name.svg";
        if (1 !== \preg_match('/^[a-z-]+$/', $name) || !\is_file($file)) {
            throw BlankException::unknownDrawing($name);
        }
        $svg = new \SimpleXMLElement((string) \file_get_contents($file));

        return new self($svg, (float) $svg['data-width'], (float) $svg['data-grain']);
    }

    /** All of the blank around the middle of its placement's top edge, as a composition has it: µm, y up. */
    public function extent(Blank $blank): Box
    {
        [$left, $top, $width, $height] = $this->viewBox();
        $scale = $blank->width / $this->width;
        $x = (int) \round($left * $scale) - $blank->placement->across;
        $y = $blank->placement->down - (int) \round($top * $scale);

        return new Box($x, $y - (int) \round($height * $scale), $x + (int) \round($width * $scale), $y);
    }

    /** An SVG document of the blank in a colour like #2F5D62. */
    public function svg(string $colour): string
    {
        return \sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="%s" data-width="%s" color="%s">%s</svg>',
            $this->svg['viewBox'],
            $this->width,
            $colour,
            $this->content($colour),
        );
    }

    /** The same as a part of another SVG document, in the place and size that it has in a composition, y pointing down. */
    public function placed(Blank $blank): string
    {
        $scale = $blank->width / $this->width;

        return \sprintf(
            '<g color="%s" transform="translate(%d %d) scale(%F)">%s</g>',
            $blank->fabric->colour,
            -$blank->placement->across,
            -$blank->placement->down,
            $scale,
            $this->content($blank->fabric->colour),
        );
    }

    /**
     * The edges from which people measure, around the middle of the placement's top edge, as a composition has it.
     *
     * @return list<MeasuringEdge>
     */
    public function edges(Blank $blank): array
    {
        $scale = $blank->width / $this->width / 1_000;
        $map = new Affine($scale, 0, 0, -$scale, -$blank->placement->across, $blank->placement->down);
        $edges = [];
        foreach ($this->svg->children() as $element) {
            if ('edge' === (string) $element['class']) {
                $line = [];
                foreach (PathData::read((string) $element['d'])->lines as [$cubics]) {
                    \array_push($line, ...self::flat($cubics));
                }
                $edges[] = new MeasuringEdge((string) $element['data-edge'], $map->line($line));
            }
        }

        return $edges;
    }

    /**
     * @param list<float> $cubics x and y of the start, then six numbers for each cubic
     *
     * @return list<int> points in thousandths: of a drawing in millimetres, µm
     */
    private static function flat(array $cubics): array
    {
        [$x, $y] = [$cubics[0], $cubics[1]];
        $points = [(int) \round(1_000 * $x), (int) \round(1_000 * $y)];
        foreach (\array_chunk(\array_slice($cubics, 2), 6) as [$ax, $ay, $bx, $by, $ex, $ey]) {
            for ($step = 1; $step <= self::STEPS; ++$step) {
                $t = $step / self::STEPS;
                $u = 1 - $t;
                $points[] = (int) \round(1_000 * ($u ** 3 * $x + 3 * $u ** 2 * $t * $ax + 3 * $u * $t ** 2 * $bx + $t ** 3 * $ex));
                $points[] = (int) \round(1_000 * ($u ** 3 * $y + 3 * $u ** 2 * $t * $ay + 3 * $u * $t ** 2 * $by + $t ** 3 * $ey));
            }
            [$x, $y] = [$ex, $ey];
        }

        return $points;
    }

    private function content(string $colour): string
    {
        $fabric = Fabric::of($colour, $this->grain);
        $content = $fabric->definitions();
        foreach ($this->svg->children() as $element) {
            $path = (string) $element['d'];
            $content .= match ((string) $element['class']) {
                'cloth' => $fabric->cloth($path),
                'seam' => $fabric->seam($path),
                'stitch' => $fabric->stitch($path),
                'fold' => $fabric->fold($path),
                'edge' => '',
                default => (string) $element->asXML(),
            };
        }

        return $content;
    }

    /** @return array{float, float, float, float} in the drawing's millimetres */
    private function viewBox(): array
    {
        [$left, $top, $width, $height] = \array_map(\floatval(...), \explode(' ', (string) $this->svg['viewBox']));

        return [$left, $top, $width, $height];
    }
}
