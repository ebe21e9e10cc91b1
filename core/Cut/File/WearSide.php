<?php

declare(strict_types=1);

namespace Uvret\Cut\File;

use Uvret\Compose\Composition;
use Uvret\Design\Design;
use Uvret\Separate\Separation;

/** The wear side as SVG: all parts in the colours of their films, in the order they are pressed. */
final class WearSide
{
    public static function svg(Design $design, Composition $composition, Separation $separation): string
    {
        $box = $composition->ink() ?? $composition->area;
        $groups = '';
        foreach ($design->films as $film) {
            foreach ($composition->parts as $part) {
                if ($part->film === $film->id && !$part->guide && !$part->region->isEmpty()) {
                    $groups .= \sprintf(
                        "  <g id=\"%s\" fill=\"%s\">\n%s  </g>\n",
                        $part->also ? "$part->card-{$part->role->value}-$film->id" : $part->card,
                        $film->colour,
                        SvgPage::pieces($separation->worn($film->id, $part->region), $box),
                    );
                }
            }
        }

        return SvgPage::of($box, $design->name.', wear side', $groups);
    }
}
