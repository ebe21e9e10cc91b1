<?php

declare(strict_types=1);

namespace Uvret\Cut\File;

use Uvret\Compose\Composition;
use Uvret\Design\Design;
use Uvret\Separate\Separation;

/** The wear side as SVG: all parts in the colours of their films, in stacking order. */
final class WearSide
{
    public static function svg(Design $design, Composition $composition, Separation $separation): string
    {
        $box = $composition->ink() ?? $composition->area;
        $groups = '';
        foreach ($composition->worn() as $part) {
            $groups .= \sprintf(
                "  <g id=\"%s\" fill=\"%s\">\n%s  </g>\n",
                $part->also ? "$part->card-{$part->role->value}-$part->film" : $part->card,
                $design->film($part->film)->colour,
                SvgPage::pieces($separation->worn($part->film, $part->region), $box),
            );
        }

        return SvgPage::of($box, $design->name.', wear side', $groups);
    }
}
