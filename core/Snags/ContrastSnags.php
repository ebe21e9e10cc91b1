<?php

declare(strict_types=1);

namespace Uvret\Snags;

use Uvret\Design\Design;
use Uvret\Geometry\Region;
use Uvret\Separate\CutLayer;
use Uvret\Separate\Separation;

/** Films that hardly show on the fabric. */
final class ContrastSnags
{
    /** Smallest visible colour difference, of 765. */
    private const NEAR = 70.0;

    /** Distance at which something counts as adjacent, in µm. */
    private const BESIDE = 200;

    /** Below this share of its edge against the fabric, a film is visible by its neighbours. */
    private const SHARE = 0.5;

    /** @return list<Snag> */
    public static function of(Design $design, Separation $separation): array
    {
        $snags = [];
        $fabric = $design->blank->fabric;
        foreach ($separation->layers as $layer) {
            if (Colours::apart($layer->film->colour, $fabric->colour) >= self::NEAR || !self::liesOnFabric($layer, $separation->layers)) {
                continue;
            }
            $box = $layer->shown->bounds();
            $snags[] = new Snag(
                kind: SnagKind::HardlySeen,
                message: "{$layer->film->name} can hardly be seen on {$fabric->name}.",
                cure: 'Choose another film, or give it an outline that shows.',
                film: $layer->film->id,
                x: null === $box ? null : \intdiv($box->left + $box->right, 2),
                y: $box?->top,
            );
        }

        return $snags;
    }

    /** @param list<CutLayer> $layers */
    private static function liesOnFabric(CutLayer $layer, array $layers): bool
    {
        $others = \array_map(
            static fn (CutLayer $other): Region => $other->shown,
            \array_values(\array_filter($layers, static fn (CutLayer $other): bool => $other !== $layer)),
        );
        $beside = $layer->shown->offset(self::BESIDE)->subtract($layer->shown);

        return [] === $others || $beside->subtract(...$others)->area() > self::SHARE * $beside->area();
    }
}
