<?php

declare(strict_types=1);

namespace Uvret\Separate;

use Uvret\Compose\Composition;
use Uvret\Compose\Memory;
use Uvret\Compose\NoMemory;
use Uvret\Design\Design;
use Uvret\Design\Film;
use Uvret\Design\FilmLimits;
use Uvret\Design\Layering\JointKind;
use Uvret\Design\Motif;
use Uvret\Geometry\Region;
use Uvret\Separate\Together\Bands;

/**
 * Composition → cut layers. Cuts each film's visible part once; since lower films are knocked out, no design needs a film twice. Beneath
 * upper films, a film extends as their joint says.
 */
final readonly class Separator
{
    /** Closes rounding gaps between abutting artwork colours (µm). */
    private const HAIR = 3;

    /** Minimum distance of bands from the edge of the film above them, in µm. */
    private const OFF = 300;

    public function __construct(private Memory $memory = new NoMemory())
    {
    }

    public function separate(Design $design, Composition $composition): Separation
    {
        $shown = Shown::of($composition, $design->films, \array_map(static fn (Motif $motif): string => $motif->id, $design->motifs));
        $edges = \array_map(static fn (Region $region): Underlap => new Underlap($region), $shown->shown);
        $touching = $this->touching($shown, $edges);
        $touches = static fn (Film $one, Film $other): bool => isset($touching[$one->id][$other->id]);
        $order = PressOrder::of($shown->films, $touches);
        $covers = \array_flip(\array_map(static fn (Film $film): string => $film->id, $shown->films));
        $layers = $joints = [];
        foreach ($order->films as $at => $film) {
            $seen = $shown->shown[$film->id];
            $free = $under = $hidden = [];
            $off = self::OFF;
            foreach (\array_slice($order->films, $at + 1) as $upper) {
                if (!$touches($film, $upper)) {
                    continue;
                }
                $joints[] = $joint = Joint::between($film, $upper, $design->layering->joint($film->id, $upper->id), $covers[$film->id] > $covers[$upper->id]);
                if (JointKind::Gap === $joint->kind) {
                    $free[] = $shown->shown[$upper->id]->offset($joint->width);
                } elseif (JointKind::Butted !== $joint->kind) {
                    $under[] = $joint;
                    $hidden[] = $shown->shown[$upper->id];
                    $off = \max($off, $joint->width);
                }
            }
            $seen = [] === $free ? $seen : $seen->subtract(...$free);
            $region = Slivers::without($this->run($seen, $under, $shown, $edges[$film->id]));
            if ($design->weeding->together && [] !== $hidden) {
                $region = $this->together($region, Region::empty()->union(...$hidden)->subtract(...$free), FilmLimits::of($film)->smallestHole, $off);
            }
            if (!$region->isEmpty()) {
                $layers[] = new CutLayer($film, $region, $seen);
            }
        }
        $all = null;
        foreach ($layers as $layer) {
            $box = $layer->region->bounds();
            $all = null === $box ? $all : ($all?->joined($box) ?? $box);
        }

        return new Separation(
            $layers,
            $joints,
            $order->reasons,
            null === $all || \count($layers) < 2 ? Marks::none() : Marks::around($all, $design->layering->marks, $design->weeding->margins),
            $shown->unseen,
        );
    }

    /**
     * A film's visible part and its extensions beneath others.
     *
     * @param list<Joint> $under joints with the films above
     */
    private function run(Region $seen, array $under, Shown $shown, Underlap $edge): Region
    {
        if (1 === \count($under) && JointKind::Trapped === $under[0]->kind && $under[0]->width > 0) {
            [$lower, $upper, $width] = [$under[0]->lower, $shown->shown[$under[0]->upper->id], $under[0]->width];
            $ink = $shown->ink[$lower->id];
            $isArtwork = isset($shown->artwork[$lower->id], $shown->artwork[$under[0]->upper->id]);
            // All hidden ink lies under that one film: cutting it out of the ink in one step is much faster.
            if (!$isArtwork && \abs($ink->area() - $seen->area() - $upper->area()) < 1.0 && $edge->surrounds($upper)) {
                return $this->memory->recall(
                    "run $width {$lower->finish->value} {$ink->digest()} {$upper->digest()}",
                    static function () use ($ink, $seen, $upper, $lower, $width): Region {
                        $behind = $upper->offset(-$width);
                        $through = Punched::runsThrough($seen, $upper, $behind, FilmLimits::of($lower)->smallestHole);

                        return $ink->subtract($through->isEmpty() ? $behind : $behind->subtract($through));
                    },
                );
            }
        }
        $beneath = \array_map(fn (Joint $joint): Region => $this->beneath($joint, $shown, $edge), $under);

        return [] === $beneath ? $seen : $seen->union(...$beneath);
    }

    /** The lower film's extension beneath the upper one. */
    private function beneath(Joint $joint, Shown $shown, Underlap $edge): Region
    {
        [$lower, $upper, $ink] = [$shown->shown[$joint->lower->id], $shown->shown[$joint->upper->id], $shown->ink[$joint->lower->id]];
        $isArtwork = isset($shown->artwork[$joint->lower->id], $shown->artwork[$joint->upper->id]);
        $narrowest = FilmLimits::of($joint->lower)->smallestHole;

        return $this->memory->recall(\implode(
            ' ',
            ['beneath', $joint->kind->value, $joint->width, $narrowest, (int) $isArtwork, $lower->digest(), $upper->digest(), $ink->digest()],
        ), static function () use ($joint, $lower, $upper, $ink, $edge, $isArtwork, $narrowest): Region {
            [$trap, $behind] = $edge->parted($upper, $joint->width);
            if (JointKind::LayOver === $joint->kind) {
                return $ink->intersect($upper)->union($trap);
            }
            if ($trap->isEmpty()) {
                return $trap;
            }
            $through = Punched::runsThrough($lower, $upper, $behind, $narrowest);
            $filled = $isArtwork ? $trap->offset(self::HAIR)->subtract($behind) : $trap;

            return $filled->union($through);
        });
    }

    private function together(Region $region, Region $hidden, int $narrowest, int $off): Region
    {
        return $this->memory->recall(
            \implode(' ', ['together', $narrowest, $off, $region->digest(), $hidden->digest()]),
            static fn (): Region => Bands::join($region, $hidden, $narrowest, $off),
        );
    }

    /**
     * Pairs of films with a common edge, or with ink of one beneath the other.
     *
     * @param array<string, Underlap> $edges
     *
     * @return array<string, array<string, true>> by film ids
     */
    private function touching(Shown $shown, array $edges): array
    {
        $touching = [];
        foreach ($shown->films as $at => $film) {
            foreach (\array_slice($shown->films, $at + 1) as $other) {
                $upper = $shown->shown[$other->id];
                if ($edges[$film->id]->touches($upper) || $shown->ink[$film->id]->overlaps($upper)) {
                    $touching[$film->id][$other->id] = $touching[$other->id][$film->id] = true;
                }
            }
        }

        return $touching;
    }
}
