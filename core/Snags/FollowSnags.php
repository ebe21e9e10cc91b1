<?php

declare(strict_types=1);

namespace Uvret\Snags;

use Uvret\Compose\Follow\Strain;
use Uvret\Compose\Follow\StrainKind;
use Uvret\Compose\Part;
use Uvret\Design\Design;

/** Lines that don’t fit the path they follow. */
final class FollowSnags
{
    /** @return list<Snag> */
    public static function of(Design $design, Part $part): array
    {
        return \array_map(static fn (Strain $strain): Snag => self::snag($design, $part, $strain), $part->strains);
    }

    private static function snag(Design $design, Part $part, Strain $strain): Snag
    {
        $measure = $design->measure(...);
        $by = $measure($strain->by);
        [$kind, $message, $cure] = match ($strain->kind) {
            StrainKind::TooLong => [
                SnagKind::LongerThanPath,
                "The line is $by longer than its path.",
                'Make the letters smaller, or tighten their spacing.',
            ],
            StrainKind::NotReached => [
                SnagKind::LongerThanPath,
                "The path is too short for this size ($by short).",
                'Choose a smaller size, or make the path longer.',
            ],
            StrainKind::TooTight => [
                SnagKind::TightCurve,
                "The curve is too tight: letters overlap by $by where it bends most.",
                'Widen the curve, make the letters smaller, or put them on its other side.',
            ],
            StrainKind::Overlap => [
                SnagKind::Overlap,
                "“{$strain->letters}” overlap by $by on the curve.",
                'Nudge one of them, or add letter spacing.',
            ],
        };
        $fixes = [];
        if (null !== $strain->height && $strain->height > 500 && StrainKind::NotReached !== $strain->kind) {
            $fixes[] = new SnagFix("Letters {$measure($strain->height)} high", letterHeight: $strain->height);
        }
        if (null !== $strain->spacing) {
            $fixes[] = new SnagFix("Spacing {$strain->spacing} ‰", spacing: $strain->spacing);
        }

        return new Snag($kind, $message, $cure, $part->card, $part->film, $strain->x, $strain->y, $fixes);
    }
}
