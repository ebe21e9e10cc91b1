<?php

declare(strict_types=1);

namespace Uvret\Artwork;

use Uvret\Geometry\Box;
use Uvret\Geometry\Curve\Fitting;
use Uvret\Geometry\Curve\Path;

/** Artwork as a design document has it: smooth curves in whole units, about 400,000 to the longer side. */
final readonly class MotifPaths
{
    /** How far curves and shapes may be apart, in these units: at any size that is cut a few µm. */
    private const TOLERANCE = 8.0;

    /** @param list<array{colour: string, film: string, path: string}> $colours */
    private function __construct(
        public int $width,
        public int $height,
        public array $colours,
    ) {
    }

    public static function of(Artwork $artwork): self
    {
        $fitting = new Fitting(self::TOLERANCE);
        $colours = [];
        $box = null;
        foreach ($artwork->parts as $part) {
            $bounds = $part->region->bounds() ?? new Box(0, 0, 1, 1);
            $box = $box?->joined($bounds) ?? $bounds;
            $colours[] = ['colour' => $part->colour, 'film' => '', 'path' => self::data($fitting->path($part->region))];
        }

        return new self($box?->width() ?? 1, $box?->height() ?? 1, $colours);
    }

    private static function data(Path $path): string
    {
        $data = '';
        foreach ($path->contours as $contour) {
            $numbers = [];
            foreach ($contour as $at => $number) {
                $numbers[] = (int) \round(1 === $at % 2 ? -$number : $number);
            }
            $data .= 'M'.$numbers[0].' '.$numbers[1];
            for ($i = 2, $count = \count($numbers); $i < $count; $i += 6) {
                $data .= 'C'.\implode(' ', \array_slice($numbers, $i, 6));
            }
            $data .= 'Z';
        }

        return $data;
    }
}
