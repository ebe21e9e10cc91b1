<?php

declare(strict_types=1);

namespace Uvret\Compose;

use Uvret\Design\Align;
use Uvret\Design\Design;
use Uvret\Design\Line;
use Uvret\Design\Stack;
use Uvret\Geometry\Box;
use Uvret\Type\FontException;
use Uvret\Type\TypeCase;

/** Design → composition: every line made, and all of them stacked from ink to ink. */
final readonly class Composer
{
    private Welder $welder;

    public function __construct(TypeCase $typeCase)
    {
        $this->welder = new Welder($typeCase);
    }

    /** A line that cannot be made comes as an empty part that says why; the others are made all the same. */
    public function compose(Design $design): Composition
    {
        $placement = $design->blank->placement;
        $half = \intdiv($placement->width, 2);
        $area = new Box(-$half, -$placement->height, $placement->width - $half, 0);

        $made = \array_map(fn (Line $line): Block|Part => $this->make($line, $area), $design->lines);
        $top = $this->top($design, $made);
        $above = $area;
        $parts = [];
        foreach ($design->lines as $number => $line) {
            $block = $made[$number];
            if ($block instanceof Part) {
                $parts[] = $block;
                continue;
            }
            $top -= $line->gap;
            $to = $line->toAbove ? $above : $area;
            $width = $block->ink->width();
            $left = $line->shift + match ($line->align) {
                Align::Left => $to->left,
                Align::Centre => $to === $area ? -\intdiv($width, 2) : $to->left + \intdiv($to->width() - $width, 2),
                Align::Right => $to->right - $width,
            };
            $parts[] = Part::of($line, $block, $left - $block->ink->left, $top - $block->ink->top);
            $above = new Box($left, $top - $block->ink->height(), $left + $width, $top);
            $top = $above->bottom;
        }

        return new Composition($area, $parts);
    }

    private function make(Line $line, Box $area): Block|Part
    {
        try {
            return $this->welder->block($line, $area) ?? Part::blank($line->id, $line->film);
        } catch (FontException|CompositionException $e) {
            return Part::blank($line->id, $line->film, $e->getMessage());
        }
    }

    /**
     * Where the first line's gap is measured from, so that all stand where the design says.
     *
     * @param list<Block|Part> $made
     */
    private function top(Design $design, array $made): int
    {
        // The first line's gap is the distance from the edge that the lines stand at.
        $edge = null;
        $height = 0;
        foreach ($made as $number => $block) {
            if ($block instanceof Block) {
                $height += $block->ink->height() + (null === $edge ? 0 : $design->lines[$number]->gap);
                $edge ??= $design->lines[$number]->gap;
            }
        }
        $edge ??= 0;
        $room = $design->blank->placement->height;

        return match ($design->stack) {
            Stack::Top => 0,
            Stack::Middle => $edge - \intdiv($room - $height, 2),
            Stack::Bottom => 2 * $edge + $height - $room,
        };
    }
}
