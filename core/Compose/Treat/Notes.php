<?php

declare(strict_types=1);

namespace Uvret\Compose\Treat;

use Uvret\Geometry\Anchor;
use Uvret\Geometry\Region;

/** Collects removals and remarks during treatment. */
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
     * @param Region|null $at     the place; by default, the card
     * @param float       $larger scale factor that would cure it
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
