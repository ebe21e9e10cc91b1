<?php

declare(strict_types=1);

namespace Uvret\Cut;

use Uvret\Geometry\Affine;
use Uvret\Separate\CutLayer;

/** Cut layers → cut plan: the blade side of each, in its weeding box. */
final readonly class CutPlanner
{
    /** How far the weeding box stands off the ink, in µm. */
    public const WEEDING_MARGIN = 6000;

    /** @param list<CutLayer> $layers */
    public function plan(array $layers): CutPlan
    {
        return new CutPlan(\array_map($this->sheet(...), $layers));
    }

    private function sheet(CutLayer $layer): CutSheet
    {
        // The one place where anything is mirrored: because the film says that its blade side is.
        $bladeSide = $layer->film->mirrored ? $layer->region->transform(Affine::mirror()) : $layer->region;
        $ink = $bladeSide->bounds() ?? throw new \LogicException('A cut layer has ink.');
        $region = $bladeSide->transform(Affine::move(self::WEEDING_MARGIN - $ink->left, self::WEEDING_MARGIN - $ink->bottom));
        $box = ($region->bounds() ?? $ink)->grown(self::WEEDING_MARGIN);
        $turned = $box->width() > $layer->film->width && $box->height() <= $layer->film->width;

        return new CutSheet($layer->film, $region, $box, $turned);
    }
}
