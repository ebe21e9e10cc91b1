<?php

declare(strict_types=1);

namespace Uvret\Compose;

use Uvret\Design\Align;
use Uvret\Design\Design;
use Uvret\Design\Line;
use Uvret\Design\Stack;
use Uvret\Geometry\Box;
use Uvret\Geometry\GeometryException;
use Uvret\Type\FontException;
use Uvret\Type\TypeCase;

/** Design → composition: every line sized by its ink, stacked from ink to ink, welded. */
final readonly class Composer
{
    public function __construct(private TypeCase $typeCase)
    {
    }

    /** A line that cannot be made comes as an empty part that says why; the others are made all the same. */
    public function compose(Design $design): Composition
    {
        $placement = $design->blank->placement;
        $half = \intdiv($placement->width, 2);
        $area = new Box(-$half, -$placement->height, $placement->width - $half, 0);

        $rows = \array_map(fn (Line $line): array => $this->row($line, $area), $design->lines);
        // The first line's gap is the distance from the edge that the lines stand at.
        $edge = null;
        $height = 0;
        foreach ($rows as ['line' => $line, 'height' => $rowHeight]) {
            if (null !== $rowHeight) {
                $height += $rowHeight + (null === $edge ? 0 : $line->gap);
                $edge ??= $line->gap;
            }
        }
        $edge ??= 0;
        $top = $edge + match ($design->stack) {
            Stack::Top => -$edge,
            Stack::Middle => -\intdiv($placement->height - $height, 2),
            Stack::Bottom => $height - $placement->height + $edge,
        };

        $parts = [];
        foreach ($rows as ['line' => $line, 'lettering' => $lettering, 'scale' => $scale, 'width' => $width, 'height' => $rowHeight, 'part' => $part]) {
            if (null !== $part) {
                $parts[] = $part;
                continue;
            }
            $top -= $line->gap;
            $left = $line->shift + match ($line->align) {
                Align::Left => $area->left,
                Align::Centre => -\intdiv($width, 2),
                Align::Right => $area->right - $width,
            };
            $parts[] = $this->weld($line, $lettering, $scale, $left, $top);
            $top -= $rowHeight;
        }

        return new Composition($area, $parts);
    }

    /**
     * A line measured: how large its ink will be. Where there is no ink, the part says so.
     *
     * @return array{line: Line, lettering: Lettering, scale: float, width: int, height: int, part: null}|array{line: Line, lettering: null, scale: null, width: null, height: null, part: Part}
     */
    private function row(Line $line, Box $area): array
    {
        $failure = null;
        try {
            $lettering = Lettering::of($line, $this->typeCase->font($line->font));
            $scale = $lettering->scale($line->size, $area);
            if (null !== $scale && null !== $lettering->ink) {
                [$left, $bottom, $right, $top] = $lettering->ink;
                $width = ($right - $left) * $scale;
                $height = ($top - $bottom) * $scale;
                if ($width < 40_000_000 && $height < 40_000_000) {
                    return ['line' => $line, 'lettering' => $lettering, 'scale' => $scale, 'width' => (int) \round($width), 'height' => (int) \round($height), 'part' => null];
                }
                $failure = 'At this size the line would be longer than 40 metres. Give it a smaller size.';
            }
        } catch (FontException $e) {
            $failure = $e->getMessage();
        }

        return ['line' => $line, 'lettering' => null, 'scale' => null, 'width' => null, 'height' => null, 'part' => Part::blank($line->id, $line->film, $failure)];
    }

    private function weld(Line $line, Lettering $lettering, float $scale, int $left, int $top): Part
    {
        $font = $this->typeCase->font($line->font);
        try {
            $region = $lettering->weld($scale, $left, $top);
        } catch (GeometryException $e) {
            return Part::blank($line->id, $line->film, 'The letters could not be welded: '.$e->getMessage());
        }

        return new Part($line->id, $line->film, $region, $region->bounds(), (int) \round($font->letterHeight() * $scale), $font->missing($line->words));
    }
}
