<?php

declare(strict_types=1);

namespace Uvret\Separate\Slip;

use Uvret\Geometry\Affine;
use Uvret\Geometry\Box;
use Uvret\Geometry\Measure\EdgeIndex;
use Uvret\Geometry\Region;
use Uvret\Separate\CutLayer;
use Uvret\Separate\FilmJoint;
use Uvret\Separate\Separation;
use Uvret\Separate\Underlap;

/**
 * One film among the others, pressed off register. Moving over the blank or its neighbours only shifts the picture. Faults are the blank
 * showing at an edge with another film, film emerging from beneath another, and film showing where it has no neighbour.
 */
final class Slipping
{
    /** Smallest visible width in µm, and area in µm². */
    private const HAIR = 12;
    private const SPECK = 50_000.0;

    /** Smallest visible area of film from beneath, in µm²; it has a neighbour's colour. */
    private const SPOT = 250_000.0;

    /** Film that emerges at the end of a common edge only moves that end if shorter than this multiple of trap plus distance. */
    private const END = 3.0;

    private readonly Region $others;
    private readonly Region $above;
    private readonly Region $hidden;

    /** @var list<CutLayer> films with a common edge */
    private readonly array $neighbours;

    /** The widest trap of the film. */
    private readonly int $reach;

    /** @var array<string, Region> results that don't depend on the direction */
    private array $once = [];

    public function __construct(
        private readonly Separation $separation,
        private readonly CutLayer $layer,
    ) {
        $others = $above = [];
        $isAbove = false;
        foreach ($separation->layers as $other) {
            if ($other === $layer) {
                $isAbove = true;
                continue;
            }
            $others[] = $other->region;
            if ($isAbove) {
                $above[] = $other->region;
            }
        }
        $this->others = Region::empty()->union(...$others);
        $this->above = Region::empty()->union(...$above);
        $joints = \array_values(\array_filter(
            $separation->joints,
            static fn (FilmJoint $joint): bool => $joint->lower === $layer->film || $joint->upper === $layer->film,
        ));
        $this->neighbours = \array_values(\array_filter(\array_map(
            static fn (FilmJoint $joint): ?CutLayer => $separation->layer(($joint->lower === $layer->film ? $joint->upper : $joint->lower)->id),
            $joints,
        )));
        $this->reach = \max([0, ...\array_map(static fn (FilmJoint $joint): int => $joint->safe(), $joints)]);
        $this->hidden = $layer->region->subtract($layer->shown);
    }

    /**
     * @param int $dx in µm to the right
     * @param int $dy in µm up
     *
     * @return Region where the blank shows at a former edge with another film; edges against the blank don't count
     */
    public function bare(int $dx, int $dy): Region
    {
        $move = Affine::move($dx, $dy);
        $distance = (int) \ceil(\hypot($dx, $dy));
        $open = $this->layer->shown->subtract($this->layer->region->transform($move), $this->others);
        $bare = [];
        foreach ($open->isEmpty() ? [] : $this->neighbours as $neighbour) {
            $came = self::broad($open->intersect($neighbour->shown->transform($move)));
            $bare[] = $came->isEmpty() ? $came : $came->intersect($this->edge($neighbour, $distance));
        }

        return self::broad(Region::empty()->union(...$bare));
    }

    /**
     * @param int $dx in µm to the right
     * @param int $dy in µm up
     *
     * @return Region where film shows that belongs beneath another
     */
    public function wrong(int $dx, int $dy): Region
    {
        $move = Affine::move($dx, $dy);
        $distance = (int) \ceil(\hypot($dx, $dy));
        $left = $this->layer->shown->subtract($this->layer->region->transform($move));

        return self::broad($this->comesOut($move, $this->layer->shown->transform($move), $distance)->union($this->strangers($left, $distance)), self::SPOT);
    }

    /** Extensions beneath other films that emerge on their far side. */
    private function comesOut(Affine $move, Region $shown, int $distance): Region
    {
        if ($this->hidden->isEmpty()) {
            return $this->hidden;
        }
        $out = $this->hidden->transform($move)->subtract($this->above, $this->layer->shown, $shown);

        return $out->isEmpty() ? $out : $this->withoutEnds($out, $shown->union($this->layer->shown), $distance);
    }

    /** Films that show where the slipped one was without being its neighbours there. */
    private function strangers(Region $left, int $distance): Region
    {
        $strange = [];
        foreach (\array_reverse($this->separation->layers) as $other) {
            if ($other === $this->layer || $left->isEmpty()) {
                continue;
            }
            $seen = $left->intersect($other->region);
            if (!$seen->isEmpty()) {
                $left = $left->subtract($seen);
                $near = $this->near($other, $distance);
                $strange[] = $this->withoutEnds(self::broad($seen->subtract($near)), $near, $distance);
            }
        }

        return Region::empty()->union(...$strange);
    }

    /** The area within slipping distance of a film, regardless of direction. */
    private function near(CutLayer $other, int $distance): Region
    {
        return $this->once['near '.$distance.' '.$other->film->id] ??= $other->shown->offset($distance + 2);
    }

    private function edge(CutLayer $other, int $distance): Region
    {
        return $this->once['edge '.$distance.' '.$other->film->id] ??= (new Underlap($other->shown))->parted($this->layer->shown, $distance)[0];
    }

    private function withoutEnds(Region $region, Region $shown, int $distance): Region
    {
        $edge = new EdgeIndex($shown);

        return Region::empty()->union(...\array_values(\array_filter(
            $region->pieces(),
            fn (Region $piece): bool => self::length($piece) > self::END * ($this->reach + $distance) || !$edge->touches($piece),
        )));
    }

    private static function broad(Region $region, float $least = self::SPECK): Region
    {
        $pieces = $region->pieces();
        $broad = \array_filter(
            $pieces,
            static fn (Region $piece): bool => $piece->area() > $least && 2 * $piece->area() / \max(1.0, $piece->perimeter()) > self::HAIR,
        );

        return \count($broad) === \count($pieces) ? $region : Region::empty()->union(...\array_values($broad));
    }

    private static function length(Region $piece): float
    {
        $box = $piece->bounds() ?? new Box(0, 0, 0, 0);

        return \hypot($box->width(), $box->height());
    }
}
