<?php

declare(strict_types=1);

namespace Uvret\Separate\Slip;

use Uvret\Geometry\Affine;
use Uvret\Geometry\Box;
use Uvret\Geometry\Region;
use Uvret\Separate\CutLayer;
use Uvret\Separate\Joint;
use Uvret\Separate\Separation;
use Uvret\Separate\Underlap;

/**
 * One film of a design among the others, pressed beside its place. That it moves over the blank and over its neighbours only shifts
 * the picture. What is wrong is the blank where its edge with another film was, film that comes out from beneath another, and film
 * that shows where it is no neighbour.
 */
final readonly class Slipping
{
    /** What is narrower than this, in µm, or smaller than this, in µm², nobody sees. */
    private const HAIR = 12;
    private const SPECK = 50_000.0;

    /** What comes out beside the end of a common edge, up to so many times trap and distance long, only moves that end. */
    private const END = 3.0;

    private Region $others;
    private Region $above;
    private Region $hidden;

    /** @var list<Region> what is seen of the films that it has an edge in common with */
    private array $neighbours;

    /** The widest trap of the film. */
    private int $reach;

    public function __construct(
        private Separation $separation,
        private CutLayer $layer,
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
        $joints = \array_values(\array_filter($separation->joints, static fn (Joint $joint): bool => $joint->lower === $layer->film || $joint->upper === $layer->film));
        $this->neighbours = \array_map(static fn (Joint $joint): Region => $separation->layer(($joint->lower === $layer->film ? $joint->upper : $joint->lower)->id)->shown ?? Region::empty(), $joints);
        $this->reach = \max([0, ...\array_map(static fn (Joint $joint): int => $joint->safe(), $joints)]);
        $this->hidden = $layer->region->subtract($layer->shown);
    }

    /**
     * @param int $dx in µm to the right
     * @param int $dy in µm up
     *
     * @return array{bare: Region, wrong: Region}
     */
    public function moved(int $dx, int $dy): array
    {
        $move = Affine::move($dx, $dy);
        $left = $this->layer->shown->subtract($this->layer->region->transform($move));
        $open = $left->subtract($this->others);
        $distance = (int) \ceil(\hypot($dx, $dy));

        return ['bare' => $this->comesOpen($open, $move, $distance), 'wrong' => self::broad($this->comesOut($move, $distance)->union($this->strangers($left, $distance)))];
    }

    /** Where the edge with another film was, and the blank is now. At its other edges the film may leave the blank. */
    private function comesOpen(Region $open, Affine $move, int $distance): Region
    {
        $bare = [];
        foreach ($open->isEmpty() ? [] : $this->neighbours as $neighbour) {
            $came = self::broad($open->intersect($neighbour->transform($move)));
            $bare[] = $came->isEmpty() ? $came : $came->intersect(Underlap::of($neighbour, $this->layer->shown, $distance));
        }

        return self::broad(Region::empty()->union(...$bare));
    }

    /** What runs on beneath others and comes out on their far side. */
    private function comesOut(Affine $move, int $distance): Region
    {
        $shown = $this->layer->shown->transform($move);
        $out = $this->hidden->transform($move)->subtract($this->above, $this->layer->shown, $shown);

        return $this->withoutEnds($out, $shown->union($this->layer->shown), $distance);
    }

    /** Films that show where the slipped one was, though they are not its neighbours there. */
    private function strangers(Region $left, int $distance): Region
    {
        $strange = [];
        foreach (\array_reverse($this->separation->layers) as $other) {
            if ($other === $this->layer) {
                continue;
            }
            $seen = $left->intersect($other->region);
            if (!$seen->isEmpty()) {
                $left = $left->subtract($other->region);
                $strange[] = $this->withoutEnds($seen->subtract($other->shown->offset($distance + 2)), $other->shown->offset($distance + 4), $distance);
            }
        }

        return Region::empty()->union(...$strange);
    }

    private function withoutEnds(Region $region, Region $shown, int $distance): Region
    {
        return Region::empty()->union(...\array_values(\array_filter($region->pieces(), fn (Region $piece): bool => self::length($piece) > self::END * ($this->reach + $distance) || !Underlap::touches($piece, $shown))));
    }

    private static function broad(Region $region): Region
    {
        $pieces = $region->pieces();
        $broad = \array_filter($pieces, static fn (Region $piece): bool => $piece->area() > self::SPECK && 2 * $piece->area() / \max(1.0, $piece->perimeter()) > self::HAIR);

        return \count($broad) === \count($pieces) ? $region : Region::empty()->union(...\array_values($broad));
    }

    private static function length(Region $piece): float
    {
        $box = $piece->bounds() ?? new Box(0, 0, 0, 0);

        return \hypot($box->width(), $box->height());
    }
}
