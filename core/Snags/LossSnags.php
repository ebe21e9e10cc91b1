<?php

declare(strict_types=1);

namespace Uvret\Snags;

use Uvret\Compose\PartRole;
use Uvret\Design\Design;
use Uvret\Geometry\Length;
use Uvret\Geometry\Region;
use Uvret\Geometry\Unit;

/** What would be lost of a part, with place, measure and cure. */
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
            ? "Make the {$loss->role->value} wider, give it another film, or leave it out."
            : (null === $loss->passHeight ? 'Choose a heavier face.' : "With letters {$measure($loss->passHeight)} high nothing would be lost; or choose a heavier face.");
        $isInset = '' !== ($design->treatments()[$loss->card]->setInto->card ?? '');
        $strokes = PartRole::Base === $loss->role ? 'Strokes are' : "The {$loss->role->value} is";
        $thin = "thinner than {$measure($loss->limit)}";
        $down = "the thinnest about {$measure($loss->thinnest)}";
        $snags = [];
        foreach ([
            [
                SnagKind::ThinStroke,
                $loss->strokes,
                static fn (string $places): string => $isInset ? "The inset’s own strokes are $thin in $places, $down, and would tear." : "$strokes $thin in $places, $down, and would tear.",
                $heavier,
            ],
            [
                SnagKind::ThinNeck,
                $loss->necks,
                static fn (string $places): string => "It hangs together by less than {$measure($loss->limit)} in $places, $down.",
                'Join it more firmly, make it larger, or let the parts fall apart.',
            ],
            [
                SnagKind::ThinRemains,
                $loss->remains,
                static fn (string $places): string => "What the inset leaves is $thin in $places, $down.",
                'Give it less clearance, move it, or make what it is set into heavier.',
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
