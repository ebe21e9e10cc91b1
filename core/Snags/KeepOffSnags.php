<?php

declare(strict_types=1);

namespace Uvret\Snags;

use Uvret\Compose\Composition;
use Uvret\Compose\Part;
use Uvret\Design\Design;
use Uvret\Design\KeepOff;
use Uvret\Geometry\Region;

/** Ink on a seam, a zip or a pocket, or too close to it. */
final class KeepOffSnags
{
    /** @return list<Snag> */
    public static function of(Design $design, Composition $composition): array
    {
        $snags = [];
        $cards = self::cards($composition);
        foreach ($design->blank->keepOff as $place) {
            if (\in_array($place->id, $design->blank->crossed, true)) {
                continue;
            }
            foreach ($cards as $card => $parts) {
                $snag = self::between($design, $card, $parts, $place);
                if (null !== $snag) {
                    $snags[] = $snag;
                }
            }
        }

        return $snags;
    }

    /** @return array<string, non-empty-list<Part>> visible parts by card */
    private static function cards(Composition $composition): array
    {
        $cards = [];
        foreach ($composition->parts as $part) {
            if (!$part->hidden && !$part->guide && null === $part->failure && null !== $part->ink) {
                $cards[$part->card][] = $part;
            }
        }

        return $cards;
    }

    /** @param non-empty-list<Part> $parts */
    private static function between(Design $design, string $card, array $parts, KeepOff $place): ?Snag
    {
        $origin = [-$design->blank->placement->across, $design->blank->placement->down];
        $box = $place->bounds(...$origin)->grown($place->distance);
        $near = \array_values(\array_filter($parts, static fn (Part $part): bool => true === $part->ink?->overlaps($box)));
        if ([] === $near) {
            return null;
        }
        $ink = Region::empty()->union(...\array_map(static fn (Part $part): Region => $part->region, $near));
        $region = $place->region(...$origin);
        $reached = $ink->intersect($place->distance > 0 ? $region->offset($place->distance) : $region);
        $spot = self::largest($reached)?->bounds();
        if (null === $spot) {
            return null;
        }
        $distance = (int) \round($ink->distanceTo($region));
        $name = $design->cardName($card);
        $crosses = 0 === $distance;

        return new Snag(
            kind: $crosses ? SnagKind::OnKeepOff : SnagKind::NearKeepOff,
            message: $crosses
                ? "$name lies on the {$place->name}: film does not hold there."
                : "$name comes within {$design->measure($distance)} of the {$place->name}; {$design->measure($place->distance)} is usual.",
            cure: $crosses ? 'Move it off, make it smaller, or let it cross here.' : 'Move it away, make it smaller, or allow it here.',
            card: $card,
            film: $near[0]->film,
            x: \intdiv($spot->left + $spot->right, 2),
            y: \intdiv($spot->bottom + $spot->top, 2),
            fixes: [new SnagFix(say: "Let lettering cross the {$place->name}", crosses: $place->id)],
        );
    }

    private static function largest(Region $region): ?Region
    {
        $pieces = $region->pieces();
        \usort($pieces, static fn (Region $a, Region $b): int => $b->area() <=> $a->area());

        return $pieces[0] ?? null;
    }
}
