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
        $visible = VisibleInk::of($composition, $design->films, \array_map(static fn (Motif $motif): string => $motif->id, $design->motifs));
        $edges = \array_map(static fn (Region $region): Underlap => new Underlap($region), $visible->seen);
        $touching = $this->touching($visible, $edges);
        $touches = static fn (Film $one, Film $other): bool => isset($touching[$one->id][$other->id]);
        $order = PressOrder::of($visible->films, $touches);
        $covers = \array_flip(\array_map(static fn (Film $film): string => $film->id, $visible->films));
        $layers = $joints = [];
        foreach ($order->films as $at => $film) {
            $seen = $visible->seen[$film->id];
            $free = $under = $hidden = [];
            $off = self::OFF;
            foreach (\array_slice($order->films, $at + 1) as $upper) {
                if (!$touches($film, $upper)) {
                    continue;
                }
                $joints[] = $joint = FilmJoint::between(
                    $film,
                    $upper,
                    $design->layering->joint($film->id, $upper->id),
                    $covers[$film->id] > $covers[$upper->id],
                );
                if (JointKind::Gap === $joint->kind) {
                    $free[] = $visible->seen[$upper->id]->offset($joint->width);
                } elseif (JointKind::Butted !== $joint->kind) {
                    $under[] = $joint;
                    $hidden[] = $visible->seen[$upper->id];
                    $off = \max($off, $joint->width);
                }
            }
            $seen = [] === $free ? $seen : $seen->subtract(...$free);
            $region = Slivers::without($this->run($seen, $under, $visible, $edges[$film->id]));
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
            $visible->unseen,
        );
    }

    /**
     * A film's visible part and its extensions beneath others.
     *
     * @param list<FilmJoint> $under joints with the films above
     */
    private function run(Region $seen, array $under, VisibleInk $visible, Underlap $edge): Region
    {
        if (1 === \count($under) && JointKind::Trapped === $under[0]->kind && $under[0]->width > 0) {
            [$lower, $upper, $width] = [$under[0]->lower, $visible->seen[$under[0]->upper->id], $under[0]->width];
            $ink = $visible->ink[$lower->id];
            $isArtwork = isset($visible->artwork[$lower->id], $visible->artwork[$under[0]->upper->id]);
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
        $beneath = \array_map(fn (FilmJoint $joint): Region => $this->beneath($joint, $visible, $edge), $under);

        return [] === $beneath ? $seen : $seen->union(...$beneath);
    }

    /** The lower film's extension beneath the upper one. */
    private function beneath(FilmJoint $joint, VisibleInk $visible, Underlap $edge): Region
    {
        [$lower, $upper, $ink] = [$visible->seen[$joint->lower->id], $visible->seen[$joint->upper->id], $visible->ink[$joint->lower->id]];
        $isArtwork = isset($visible->artwork[$joint->lower->id], $visible->artwork[$joint->upper->id]);
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
    private function touching(VisibleInk $visible, array $edges): array
    {
        $touching = [];
        foreach ($visible->films as $at => $film) {
            foreach (\array_slice($visible->films, $at + 1) as $other) {
                $upper = $visible->seen[$other->id];
                if ($edges[$film->id]->touches($upper) || $visible->ink[$film->id]->overlaps($upper)) {
                    $touching[$film->id][$other->id] = $touching[$other->id][$film->id] = true;
                }
            }
        }

        return $touching;
    }
}
