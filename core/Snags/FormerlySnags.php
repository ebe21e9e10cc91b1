<?php

declare(strict_types=1);

namespace Uvret\Snags;

use Uvret\Compose\Composition;
use Uvret\Design\Design;
use Uvret\Separate\Formerly;
use Uvret\Separate\Separation;

/** Places where an older design looks different now that stacking order is set per card. */
final class FormerlySnags
{
    /** @return list<Snag> */
    public static function of(Design $design, Composition $composition, Separation $separation): array
    {
        return \array_map(static function (Formerly $place) use ($design): Snag {
            $largest = $place->places->pieces();
            \usort($largest, static fn ($a, $b): int => $b->area() <=> $a->area());
            $box = $largest[0]->bounds();

            return new Snag(
                kind: SnagKind::OtherwiseNow,
                message: "{$place->now->name} is seen here, where {$place->film->name} of {$design->cardName($place->card)} was: films used to cover "
                    .'one another in one order, and now each card lies on or beneath the others with all that it has.',
                cure: 'Bring cards forward or back until it looks right, then keep it.',
                card: $place->card,
                film: $place->film->id,
                x: null === $box ? null : \intdiv($box->left + $box->right, 2),
                y: null === $box ? null : \intdiv($box->bottom + $box->top, 2),
                fixes: [new SnagFix('Keep it as it is now', settles: true)],
            );
        }, Formerly::of($design, $composition, $separation));
    }
}
