<?php

declare(strict_types=1);

namespace Uvret\Compose\Treat;

use Uvret\Compose\Memory;
use Uvret\Design\Treatment\Corners;
use Uvret\Design\Treatment\Holes;
use Uvret\Design\Treatment\Rim;
use Uvret\Design\Treatment\Shadow;
use Uvret\Design\Treatment\ShadowKind;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Anchor;
use Uvret\Geometry\Measure\RingMeasure;
use Uvret\Geometry\Region;

/** Grows shapes into outlines and shadows. The same shape is grown once, wherever it is placed. */
final readonly class Growing
{
    public function __construct(private Memory $memory)
    {
    }

    public function offset(Region $region, int $distance, Corners $corner): Region
    {
        return $this->once('offset', $region, [$distance, $corner->value], static fn (Region $home): Region => $home->offset($distance, $corner->geometry()));
    }

    /** The shape with its rim, holes filled as requested. */
    public function rim(Region $region, Rim $rim): Region
    {
        $grown = $this->offset($region, $rim->width, $rim->corner);
        if (Holes::Keep === $rim->holes) {
            return $grown;
        }
        $filled = [];
        foreach ($grown->rings() as $ring) {
            if (RingMeasure::area($ring) < 0) {
                $hole = Region::fromRings([\array_merge(...\array_reverse(\array_chunk($ring, 2)))]);
                if (Holes::Fill === $rim->holes || 2 * $hole->inscribedRadius() < $rim->smallest) {
                    $filled[] = $hole;
                }
            }
        }

        return $grown->union(...$filled);
    }

    /** The shadow of a shape, less its gap. */
    public function shadow(Region $region, Shadow $shadow): Region
    {
        if (ShadowKind::AllRound === $shadow->kind) {
            $cast = $this->offset($region, $shadow->length, Corners::Round);

            return 0 === $shadow->gap ? $cast : $cast->subtract($this->offset($region, $shadow->gap, Corners::Round));
        }
        $dx = (int) \round($shadow->length * \cos(\deg2rad($shadow->angle)));
        $dy = -(int) \round($shadow->length * \sin(\deg2rad($shadow->angle)));
        $cast = $this->once(
            'shadow',
            $region,
            [$shadow->kind->value, $dx, $dy],
            static fn (Region $home): Region => ShadowKind::Block === $shadow->kind ? $home->sweep($dx, $dy) : $home->transform(Affine::move($dx, $dy)),
        );

        return 0 === $shadow->gap ? $cast : $cast->subtract($this->offset($region, $shadow->gap, Corners::Round));
    }

    /**
     * @param list<int|string>         $settings
     * @param callable(Region): Region $make     makes the result from the region, placed at the origin
     */
    private function once(string $what, Region $region, array $settings, callable $make): Region
    {
        $anchor = Anchor::of($region);
        $home = $anchor->home($region);

        return $anchor->back($this->memory->recall(
            $what.' '.\implode(' ', $settings).' '.$home->digest(),
            static fn (): Region => $make($home),
        ));
    }
}
