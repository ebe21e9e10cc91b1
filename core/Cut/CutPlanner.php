<?php

declare(strict_types=1);

namespace Uvret\Cut;

use Uvret\Geometry\Affine;
use Uvret\Geometry\Region;
use Uvret\Separate\CutLayer;
use Uvret\Separate\Marks;
use Uvret\Separate\Separation;

/** Cut layers → cut plan: the blade side of each, in its weeding box. */
final readonly class CutPlanner
{
    public function plan(Separation $separation): CutPlan
    {
        return new CutPlan(\array_map(static fn (CutLayer $layer): CutSheet => self::sheet($layer, $separation->marks), $separation->layers));
    }

    private static function sheet(CutLayer $layer, Marks $marks): CutSheet
    {
        $frame = $marks->frame->isEmpty() ? $layer->region->bounds()?->grown(Marks::MARGIN)->toRegion() : $marks->frame;
        // The one place where anything is mirrored: because the film says that its blade side is.
        $mirror = $layer->film->mirrored ? Affine::mirror() : Affine::move(0, 0);
        $frame = $frame?->transform($mirror) ?? throw new \LogicException('A cut layer has ink.');
        $box = $frame->bounds() ?? throw new \LogicException('A weeding box has bounds.');
        // What is cut from one film moves together, so that marks and ink keep their places to each other.
        $toCorner = Affine::move(-$box->left, -$box->bottom);
        $box = $box->moved(-$box->left, -$box->bottom);
        $placed = static fn (Region $region): Region => $region->transform($mirror)->transform($toCorner);
        $turned = $box->width() > $layer->film->width && $box->height() <= $layer->film->width;

        return new CutSheet($layer->film, $placed($layer->region), $placed($marks->shapes), $frame->transform($toCorner), $box, $turned);
    }
}
