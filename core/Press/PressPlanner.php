<?php

declare(strict_types=1);

namespace Uvret\Press;

use Uvret\Blanks\Drawing;
use Uvret\Design\Blank;
use Uvret\Design\Film;
use Uvret\Geometry\Affine;
use Uvret\Geometry\Region;
use Uvret\Plan\Plan;

/**
 * Plan → press plan: the blank is warmed, each lower film tacked, the last one pressed fully with all beneath it, and all pressed again
 * under a cover. Nothing is hotter than the fabric and every film already on stand.
 */
final readonly class PressPlanner
{
    /** A film still holds this much below its temperature, when it is pressed longer, in °C. */
    private const BELOW = 10;

    /** How much longer then. */
    private const LONGER = 1.5;

    private const WARM = 3;
    private const TACK = 3;
    private const COVER = 5;

    /** How far sections overlap, in µm. */
    public const OVERLAP = 20_000;

    /**
     * @param array<string, FilmPress> $films how films are pressed, by their ids; those that are not there as films of their finish usually are
     */
    public function plan(Plan $plan, array $films, ?Platen $platen = null, int $overlap = self::OVERLAP): PressPlan
    {
        $layers = $plan->separation->layers;
        $blank = $plan->design->blank;
        $platen ??= Platen::usual($blank->drawing);
        if ([] === $layers) {
            return new PressPlan($platen, [], [], [], null, []);
        }
        $pressed = Region::empty()->union(...\array_map(static fn ($layer): Region => $layer->region, $layers));
        $ink = $plan->separation->shown();
        $brim = $blank->placement->brim;
        // Brims are measured from their middle, which is where the blank is measured from.
        $toMiddle = Affine::move($blank->placement->across, -$blank->placement->down);
        $sections = (new Sections($platen, $overlap))->of(null === $brim ? $pressed : $pressed->transform($toMiddle), $brim);
        if (null !== $brim) {
            $sections = \array_map(static fn (Section $section): Section => new Section(
                $section->x - $blank->placement->across,
                $section->y + $blank->placement->down,
                $section->width,
                $section->height,
                $section->turn,
                $section->cuts,
            ), $sections);
        }
        $distances = null === $brim
            ? ThreePoints::straight($ink, Drawing::named($blank->drawing)->edges($blank))
            : ThreePoints::round($ink, $brim, -$blank->placement->across, $blank->placement->down);
        $ordered = \array_map(static fn ($layer): Film => $layer->film, $layers);
        [$steps, $problem, $notes] = $this->steps($ordered, $films, $blank);

        return new PressPlan($platen, $steps, $sections, $distances, $problem, $notes);
    }

    /**
     * @param non-empty-list<Film>     $films   in press order
     * @param array<string, FilmPress> $presses
     *
     * @return array{list<PressStep>, string|null, list<string>} steps, why there are none, why they are so
     */
    private function steps(array $films, array $presses, Blank $blank): array
    {
        $of = static fn (Film $film): FilmPress => $presses[$film->id] ?? FilmPress::usual($film->finish);
        $highest = $blank->fabric->highest;
        foreach ($films as $film) {
            if ($of($film)->temperature - self::BELOW > $highest) {
                return [[], "{$film->name} needs {$of($film)->temperature} °C and {$blank->fabric->name} takes $highest °C at most."
                    .' Choose a film that is pressed cooler, or another fabric.', []];
            }
        }
        $coolest = \array_reduce($films, static fn (?Film $least, Film $film): Film => null === $least
            || $of($film)->temperature < $of($least)->temperature ? $film : $least) ?? $films[0];
        // The last film's heat goes through all that are on.
        $last = $films[\count($films) - 1];
        $limit = \min($highest, $of($coolest)->temperature + self::BELOW);
        if ($of($last)->temperature - self::BELOW > $limit) {
            return [[], "{$last->name} needs {$of($last)->temperature} °C and {$coolest->name}, which is on already, takes $limit °C."
                .' Choose films that are pressed alike, or place them apart.', []];
        }

        $steps = [];
        $notes = ["{$blank->fabric->name} takes $highest °C."];
        $first = \min($highest, $of($films[0])->temperature);
        $steps[] = new PressStep(StepKind::Warm, null, $first, self::WARM, Pressure::Light, null);
        foreach (\array_slice($films, 0, -1) as $at => $film) {
            $own = $of($film);
            $on = \array_map(static fn (Film $other): int => $of($other)->temperature + self::BELOW, \array_slice($films, 0, $at));
            $steps[] = new PressStep(StepKind::Tack, $film, \min($highest, $own->temperature, ...$on), self::TACK, $own->pressure, $own->peel);
            $notes[] = "{$film->name} is tacked first because {$films[$at + 1]->name} is pressed over it.";
        }
        $temperature = \min($limit, $of($last)->temperature);
        $seconds = \max(\array_map(static fn (Film $film): int => $of($film)->seconds, $films));
        if ($temperature < \max(\array_map(static fn (Film $film): int => $of($film)->temperature, $films))) {
            $seconds = (int) \ceil($seconds * self::LONGER);
            $notes[] = "Pressed cooler than {$last->name} is on its own, and longer.";
        }
        $pressure = \array_reduce($films, static fn (Pressure $firmest, Film $film): Pressure => $firmest->and($of($film)->pressure), Pressure::Light);
        $steps[] = new PressStep(StepKind::Press, $last, $temperature, $seconds, $pressure, $of($last)->peel);
        if ($last->finish->comesLast()) {
            $notes[] = "{$last->name} is not pressed again: more heat would flatten it.";
        } else {
            $steps[] = new PressStep(StepKind::Cover, null, $temperature, self::COVER, $pressure, null);
        }

        return [$steps, null, $notes];
    }
}
