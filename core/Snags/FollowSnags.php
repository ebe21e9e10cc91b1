<?php

declare(strict_types=1);

namespace Uvret\Snags;

use Uvret\Compose\Follow\Strain;
use Uvret\Compose\Follow\StrainKind;
use Uvret\Compose\Part;
use Uvret\Design\Design;

/** Where lines do not go well with what they follow. */
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
                "The line is $by longer than what it follows.",
                'Make the letters smaller, or close up their spacing.',
            ],
            StrainKind::NotReached => [
                SnagKind::LongerThanPath,
                "On what it follows the line cannot be that large: $by are missing.",
                'Ask for a smaller size, or make what it follows larger.',
            ],
            StrainKind::TooTight => [
                SnagKind::TightCurve,
                "The curve is too tight: letters cross by $by where it bends most.",
                'Make the curve wider or the letters smaller, or let them stand on the other side.',
            ],
            StrainKind::Overlap => [
                SnagKind::Overlap,
                "“{$strain->letters}” overlap by $by on the curve.",
                'Nudge one of them, or let the letters stand wider.',
            ],
        };
        $fixes = [];
        if (null !== $strain->height && $strain->height > 500 && StrainKind::NotReached !== $strain->kind) {
            $fixes[] = new Fix("Letters {$measure($strain->height)} high", letterHeight: $strain->height);
        }
        if (null !== $strain->spacing) {
            $fixes[] = new Fix("Spacing {$strain->spacing} ‰", spacing: $strain->spacing);
        }

        return new Snag($kind, $message, $cure, $part->card, $part->film, $strain->x, $strain->y, $fixes);
    }
}
