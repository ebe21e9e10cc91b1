<?php

declare(strict_types=1);

namespace Uvret\Cut;

use Uvret\Compose\Composition;
use Uvret\Cut\Frame\Clusters;
use Uvret\Cut\Frame\Frame;
use Uvret\Cut\Frame\Words;
use Uvret\Design\Design;
use Uvret\Design\Layering\MarkKind;
use Uvret\Design\Weeding\FrameAround;
use Uvret\Design\Weeding\FrameShape;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;
use Uvret\Separate\CutLayer;
use Uvret\Separate\Marks;
use Uvret\Separate\Separation;

/** Cut layers → cut plan: the blade side of each with its frames. */
final readonly class CutPlanner
{
    public function plan(Design $design, Composition $composition, Separation $separation): CutPlan
    {
        $all = self::all($design, $separation);
        $words = $design->weeding->relief ? Words::of($design, $composition) : null;

        return new CutPlan(\array_map(static function (CutLayer $layer) use ($design, $composition, $separation, $all, $words): CutSheet {
            $frame = $all ?? self::frame($layer, $design, $composition, $separation->marks);
            $frame = $frame->withMarks($separation->marks->shapes);

            return self::sheet($layer, $separation->marks, null === $words ? $frame : $frame->relieved($words, $layer->region, $separation->marks->shapes));
        }, $separation->layers));
    }

    /** The frame around the ink of all layers, shared by them; null if there is none. */
    private static function all(Design $design, Separation $separation): ?Frame
    {
        [$weeding, $kind] = [$design->weeding, $separation->marks->kind];
        if (FrameAround::Design !== $weeding->around || FrameShape::Hugging !== $weeding->frame || MarkKind::None === $kind || MarkKind::Box === $kind) {
            return null;
        }

        return Frame::around([Region::empty()->union(...\array_map(static fn (CutLayer $layer): Region => $layer->region, $separation->layers))], $weeding);
    }

    private static function frame(CutLayer $layer, Design $design, Composition $composition, Marks $marks): Frame
    {
        // A shared box serves as a registration mark itself.
        $isCommon = MarkKind::Box === $marks->kind || (FrameAround::Design === $design->weeding->around && FrameShape::Rectangle === $design->weeding->frame);

        return $isCommon && !$marks->frame->isEmpty()
            ? new Frame($marks->frame)
            : Frame::around(Clusters::of($layer->region, $layer->film->id, $design, $composition), $design->weeding);
    }

    private static function sheet(CutLayer $layer, Marks $marks, Frame $frame): CutSheet
    {
        // The only place that mirrors, as the film requires.
        $mirror = $layer->film->mirrored ? Affine::mirror() : Affine::move(0, 0);
        $box = $frame->region->transform($mirror)->bounds() ?? throw new \LogicException('A frame has bounds.');
        // Everything of one film moves together, so that marks and ink stay in register.
        $toCorner = Affine::move(-$box->left, -$box->bottom);
        $placed = static fn (Region $region): Region => $region->transform($mirror)->transform($toCorner);
        $turned = $box->width() > $layer->film->width && $box->height() <= $layer->film->width;

        return new CutSheet(
            film: $layer->film,
            region: $placed($layer->region),
            marks: $placed($marks->shapes),
            frame: $placed($frame->region),
            box: $box->moved(-$box->left, -$box->bottom),
            turned: $turned,
            parting: \array_map($mirror->then($toCorner)->line(...), $frame->parting),
            worn: $frame->region->bounds(),
        );
    }
}
