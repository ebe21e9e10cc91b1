<?php

declare(strict_types=1);

namespace Uvret\Snags;

use Uvret\Compose\PartRole;
use Uvret\Design\Design;
use Uvret\Separate\Separation;
use Uvret\Separate\Unseen;

/** Parts missing from all layers because other films hide them. */
final class HiddenSnags
{
    /** @return list<Snag> */
    public static function of(Design $design, Separation $separation): array
    {
        return \array_map(static fn (Unseen $unseen): Snag => self::snag($design, $unseen), $separation->unseen);
    }

    private static function snag(Design $design, Unseen $unseen): Snag
    {
        $part = $unseen->part;
        [$name, $by] = [$design->cardName($part->card), $design->cardName($unseen->by)];
        $what = PartRole::Base === $part->role ? $name : "the {$part->role->value} of $name";
        $bring = PartRole::Base === $part->role ? 'it' : "the {$part->role->value}";
        $ink = $part->ink;

        return new Snag(
            kind: SnagKind::Hidden,
            message: \ucfirst("$by hides all of $what."),
            cure: 'Bring it forward, move it, or make it larger.',
            card: $part->card,
            film: $part->film,
            x: null === $ink ? null : \intdiv($ink->left + $ink->right, 2),
            y: null === $ink ? null : \intdiv($ink->bottom + $ink->top, 2),
            fixes: [new SnagFix("Bring $bring forward", above: $unseen->by)],
        );
    }
}
