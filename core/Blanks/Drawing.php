<?php

declare(strict_types=1);

namespace Uvret\Blanks;

use Uvret\Artwork\Svg\PathData;
use Uvret\Blanks\Measuring\DrawingOutline;
use Uvret\Blanks\Measuring\Measure;
use Uvret\Design\Blank;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Box;

/**
 * Drawing of a kind of blank: an SVG file in millimetres around its measuring point. The class of each path
 * (cloth, seam, stitch, fold, cord) decides how it is painted in any fabric colour.
 */
final readonly class Drawing
{
    /** Segments per curve of an edge: within 0.05 mm on the largest blank. */
    private const STEPS = 48;

    /** Segments per curve of a keep-off place. */
    private const ROUGH = 12;

    private const FOLDER = __DIR__.'/drawings';

    private function __construct(
        private \SimpleXMLElement $svg,
        private float $width,
        private float $height,
        private float $grain,
    ) {
    }

    /** @throws BlankException if there is no such drawing */
    public static function named(string $name): self
    {
        $file = self::FOLDER."/$name.svg";
        if (1 !== \preg_match('/^[a-z-]+$/', $name) || !\is_file($file)) {
            throw BlankException::unknownDrawing($name);
        }
        $svg = new \SimpleXMLElement((string) \file_get_contents($file));

        return new self($svg, (float) $svg['data-width'], (float) $svg['data-height'], (float) $svg['data-grain']);
    }

    /** Bounds of the blank in the coordinates of a composition: µm from the middle of the placement's top edge, y up. */
    public function extent(Blank $blank): Box
    {
        [$left, $top, $width, $height] = $this->viewBox();
        [$across, $down] = $this->scales($blank->width, $blank->height);
        $x = (int) \round($left * $across) - $blank->placement->across;
        $y = $blank->placement->down - (int) \round($top * $down);

        return new Box($x, $y - (int) \round($height * $down), $x + (int) \round($width * $across), $y);
    }

    /** An SVG document of the blank in a colour like #2F5D62, its cords hanging or laid aside. */
    public function svg(string $colour, bool $cordsAside = false): string
    {
        return \sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="%s" data-width="%s" data-height="%s" color="%s">%s</svg>',
            $this->svg['viewBox'],
            $this->width,
            $this->height,
            $colour,
            $this->content($colour, $cordsAside),
        );
    }

    /** The drawing as part of another SVG document, placed and sized as in a composition, y down. */
    public function placed(Blank $blank, bool $cordsAside = false): string
    {
        return \sprintf(
            '<g color="%s" transform="translate(%d %d) scale(%F %F)">%s</g>',
            $blank->fabric->colour,
            -$blank->placement->across,
            -$blank->placement->down,
            ...[...$this->scales($blank->width, $blank->height), $this->content($blank->fabric->colour, $cordsAside)],
        );
    }

    /** Whether it has cords that can be laid aside. */
    public function hasCords(): bool
    {
        return [] !== $this->ofClass('cord');
    }

    /** @return list<Measure> to take when a blank is measured, in order */
    public function measures(): array
    {
        return \array_map(static fn (\SimpleXMLElement $element): Measure => new Measure(
            name: (string) $element['data-measure'],
            title: (string) $element['data-title'],
            hint: (string) $element['data-hint'],
            path: (string) $element['d'],
            usual: (int) \round(1_000 * DrawingOutline::length(self::lines($element))),
        ), $this->ofClass('measure'));
    }

    /**
     * The usual keep-off places of such a blank.
     *
     * @param int      $width  of the blank, in µm
     * @param int|null $height from its measuring point to its lower end, in µm; null as drawn to its width
     *
     * @return list<array{id: string, kind: string, name: string, points: list<int>, closed: bool, distance: int}> as a blank's document has them
     */
    public function keepOff(int $width, ?int $height): array
    {
        [$across, $down] = $this->scales($width, $height);
        $places = [];
        foreach ($this->ofClass('keep-off') as $element) {
            $name = (string) $element['data-name'];
            $points = [];
            foreach (\array_chunk(DrawingOutline::flat(self::lines($element)[0] ?? self::point($element), self::ROUGH), 2) as $point) {
                \array_push($points, (int) \round($point[0] * $across / 1_000), (int) \round(($point[1] ?? 0) * $down / 1_000));
            }
            $places[] = [
                'id' => (string) \preg_replace('/[^a-z]+/', '-', \strtolower($name)),
                'kind' => (string) $element['data-kind'],
                'name' => $name,
                'points' => $points,
                'closed' => \str_ends_with((string) $element['d'], 'Z'),
                'distance' => 1_000 * (int) $element['data-distance'],
            ];
        }

        return $places;
    }

    /**
     * The edges to measure from, in the coordinates of a composition.
     *
     * @return list<MeasuringEdge>
     */
    public function edges(Blank $blank): array
    {
        [$across, $down] = $this->scales($blank->width, $blank->height);
        $map = new Affine($across / 1_000, 0, 0, -$down / 1_000, -$blank->placement->across, $blank->placement->down);

        return \array_map(static fn (\SimpleXMLElement $element): MeasuringEdge => new MeasuringEdge(
            (string) $element['data-edge'],
            $map->line(\array_merge(...\array_map(static fn (array $line): array => DrawingOutline::flat($line, self::STEPS), self::lines($element)))),
        ), $this->ofClass('edge'));
    }

    /** @return list<\SimpleXMLElement> */
    private function ofClass(string $class): array
    {
        $found = [];
        foreach ($this->svg->children() as $element) {
            if ((string) $element['class'] === $class) {
                $found[] = $element;
            }
        }

        return $found;
    }

    /** @return list<list<float>> each x and y of its start, then six numbers for each cubic */
    private static function lines(\SimpleXMLElement $element): array
    {
        return \array_map(static fn (array $line): array => $line[0], PathData::read((string) $element['d'])->lines);
    }

    /** @return list<float> x and y of a path that is one point */
    private static function point(\SimpleXMLElement $element): array
    {
        return \array_map(\floatval(...), \explode(' ', \ltrim((string) $element['d'], 'M')));
    }

    /** @return array{float, float} scale across and down, in µm per millimetre of the drawing */
    private function scales(int $width, ?int $height): array
    {
        $across = $width / $this->width;

        return [$across, null === $height ? $across : $height / $this->height];
    }

    private function content(string $colour, bool $cordsAside): string
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
                'cord' => $fabric->cord($cordsAside ? (string) $element['data-aside'] : $path),
                'edge', 'measure', 'keep-off' => '',
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
