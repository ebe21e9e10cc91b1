<?php

declare(strict_types=1);

namespace Uvret\Snags;

use Uvret\Compose\PartRole;
use Uvret\Design\Design;
use Uvret\Geometry\Length;
use Uvret\Geometry\Region;
use Uvret\Geometry\Unit;

/** Places of a part that are too thin or too small to cut, with measure and cure. */
final readonly class LossSnags
{
    /** @return list<Snag> */
    public static function of(Design $design, Loss $loss): array
    {
        // Fractions of an inch are too coarse for what is this thin.
        $measure = static fn (int $length): string => (Unit::Inch === $design->unit && $length < 5_000
            ? \sprintf('%.2f', $length / 25_400)
            : Length::ofMicrometres($length)->format($design->unit)).' '.$design->unit->symbol();
        $heavier = PartRole::Base !== $loss->role
            ? "Make the {$loss->role->value} wider, choose another film, or leave it out."
            : (null === $loss->passHeight ? 'Choose a heavier font.' : "Make the letters at least {$measure($loss->passHeight)} high, or choose a heavier font.");
        $isInset = '' !== ($design->treatments()[$loss->card]->setInto->card ?? '');
        $strokes = PartRole::Base === $loss->role ? 'Strokes are' : "The {$loss->role->value} is";
        $thin = "thinner than {$measure($loss->limit)}";
        $least = "(thinnest about {$measure($loss->thinnest)})";
        $snags = [];
        foreach ([
            [
                SnagKind::ThinStroke,
                $loss->strokes,
                static fn (string $places): string => $isInset ? "The inset’s own strokes are $thin in $places $least and would tear." : "$strokes $thin in $places $least and would tear.",
                $heavier,
            ],
            [
                SnagKind::ThinNeck,
                $loss->necks,
                static fn (string $places, int $count): string => 1 === $count
                    ? "A neck is narrower than {$measure($loss->limit)} $least."
                    : "$count necks are narrower than {$measure($loss->limit)} $least.",
                'Join it more firmly, make it larger, or let the parts separate.',
            ],
            [
                SnagKind::ThinRemains,
                $loss->remains,
                static fn (string $places): string => "What is left around the inset is $thin in $places $least.",
                'Reduce the clearance, move the inset, or make what it is set into heavier.',
            ],
            [
                SnagKind::SmallHole,
                $loss->holes,
                static fn (string $places, int $count): string => 1 === $count ? 'A hole is too small to weed.' : "$count holes are too small to weed.",
                $heavier,
            ],
        ] as [$kind, $region, $say, $cure]) {
            $pieces = $region->pieces();
            if ([] === $pieces) {
                continue;
            }
            \usort($pieces, static fn (Region $a, Region $b): int => $b->area() <=> $a->area());
            $box = $pieces[0]->bounds();
            $count = \count($pieces);
            $snags[] = new Snag(
                kind: $kind,
                message: $say(1 === $count ? 'one place' : "$count places", $count),
                cure: $cure,
                card: $loss->card,
                film: $loss->film,
                x: null === $box ? null : \intdiv($box->left + $box->right, 2),
                y: null === $box ? null : \intdiv($box->bottom + $box->top, 2),
            );
        }

        return $snags;
    }
}
