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
use Uvret\Geometry\Region;

/**
 * Composition → cut layers. What is seen of each film is cut from it, once for each film: since films that lie lower are punched out,
 * no design needs one twice. Beneath the films above it, a film runs on as the joint of the two has it.
 */
final readonly class Separator
{
    private const HAIR = 3;

    public function __construct(private Memory $memory = new NoMemory())
    {
    }

    public function separate(Design $design, Composition $composition): Separation
    {
        $shown = Shown::of($composition, $design->films);
        $touching = $this->touching($shown);
        $touches = static fn (Film $one, Film $other): bool => isset($touching[$one->id][$other->id]);
        $order = PressOrder::of($shown->films, $touches);
        $covers = \array_flip(\array_map(static fn (Film $film): string => $film->id, $shown->films));
        $layers = $joints = [];
        foreach ($order->films as $at => $film) {
            $region = $seen = $shown->shown[$film->id];
            foreach (\array_slice($order->films, $at + 1) as $upper) {
                if (!$touches($film, $upper)) {
                    continue;
                }
                $joints[] = $joint = Joint::between($film, $upper, $design->layering->joint($film->id, $upper->id), $covers[$film->id] > $covers[$upper->id]);
                $above = $shown->shown[$upper->id];
                if (JointKind::Gap === $joint->kind) {
                    $region = $region->subtract($above->offset($joint->width));
                    $seen = $seen->subtract($above->offset($joint->width));
                } elseif (JointKind::Butted !== $joint->kind) {
                    $region = $region->union($this->beneath($joint, $shown, FilmLimits::of($film)->smallestHole));
                }
            }
            if (!$region->isEmpty()) {
                $layers[] = new CutLayer($film, $region, $seen);
            }
        }
        $all = Region::empty()->union(...\array_map(static fn (CutLayer $layer): Region => $layer->region, $layers))->bounds();

        return new Separation($layers, $joints, $order->reasons, null === $all || \count($layers) < 2 ? Marks::none() : Marks::around($all, $design->layering->marks));
    }

    /** What the lower film has beneath the upper one. */
    private function beneath(Joint $joint, Shown $shown, int $narrowest): Region
    {
        [$lower, $upper, $ink] = [$shown->shown[$joint->lower->id], $shown->shown[$joint->upper->id], $shown->ink[$joint->lower->id]];
        if (JointKind::LayOver === $joint->kind) {
            return $ink->intersect($upper)->union($this->underlap($lower, $upper, $joint->width));
        }

        return $this->memory->recall('beneath '.$joint->width.' '.$narrowest.' '.$lower->digest().$upper->digest(), static function () use ($joint, $lower, $upper, $narrowest): Region {
            $trap = Underlap::of($lower, $upper, $joint->width);

            // Colours of artwork may be a hair apart where they meet; no cut must be left there.
            $hair = $trap->isEmpty() ? $trap : $trap->offset(self::HAIR)->subtract($upper);

            return $trap->union($hair, Punched::runsThrough($lower->union($trap), $upper, $narrowest));
        });
    }

    private function overlaps(Region $ink, Region $upper): bool
    {
        [$box, $other] = [$ink->bounds(), $upper->bounds()];

        return null !== $box && null !== $other && $box->overlaps($other) && $this->memory->recall('overlaps '.$ink->digest().$upper->digest(), static fn (): bool => !$ink->intersect($upper)->isEmpty());
    }

    private function underlap(Region $lower, Region $upper, int $trap): Region
    {
        return $this->memory->recall("underlap $trap ".$lower->digest().$upper->digest(), static fn (): Region => Underlap::of($lower, $upper, $trap));
    }

    /**
     * Films that have an edge in common, or of which one would run on beneath the other.
     *
     * @return array<string, array<string, true>> by the ids of two films
     */
    private function touching(Shown $shown): array
    {
        $touching = [];
        foreach ($shown->films as $at => $film) {
            foreach (\array_slice($shown->films, $at + 1) as $other) {
                [$lower, $upper] = [$shown->shown[$film->id], $shown->shown[$other->id]];
                if (Underlap::touches($lower, $upper) || $this->overlaps($shown->ink[$film->id], $upper)) {
                    $touching[$film->id][$other->id] = $touching[$other->id][$film->id] = true;
                }
            }
        }

        return $touching;
    }
}
