<?php

declare(strict_types=1);

namespace Uvret\Compose\Treat;

use Uvret\Geometry\Anchor;
use Uvret\Geometry\Region;

/** What is noted down while treatments are made: what was tidied away, and what a decorator should know. */
final class Notes
{
    /** @var list<Removal> */
    public array $removals = [];

    /** @var list<Remark> */
    public array $remarks = [];

    /** @param list<Removal> $removals relative to the anchor */
    public function removed(array $removals, Anchor $anchor): void
    {
        foreach ($removals as $removal) {
            $this->removals[] = $removal->back($anchor);
        }
    }

    /**
     * @param Region|null $at     where it is; where the card is without it
     * @param float       $larger how many times as large the card would have to be for it to be well
     */
    public function remark(RemarkKind $kind, Card $card, Card $other, int $count = 0, ?Region $at = null, float $larger = 1.0): void
    {
        $ink = $at?->bounds() ?? $card->base[0]->ink ?? null;
        $this->remarks[] = new Remark(
            kind: $kind,
            card: $card->id,
            other: $other->id,
            x: null === $ink ? 0 : \intdiv($ink->left + $ink->right, 2),
            y: null === $ink ? 0 : \intdiv($ink->bottom + $ink->top, 2),
            count: $count,
            larger: $larger,
        );
    }
}
