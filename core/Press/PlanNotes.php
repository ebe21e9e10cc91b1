<?php

declare(strict_types=1);

namespace Uvret\Press;

use Uvret\Blanks\Drawing;
use Uvret\Design\Film;
use Uvret\Design\KeepOff;
use Uvret\Plan\Plan;
use Uvret\Press\Steps\Hot;
use Uvret\Press\Steps\Lay;

/** Explanations and reminders for a press plan. */
final class PlanNotes
{
    /**
     * @param non-empty-list<Lay> $lays
     * @param list<PressStep>     $steps
     *
     * @return list<string>
     */
    public static function of(Plan $plan, array $lays, array $steps, int $sections): array
    {
        $isCold = null === ($steps[0]->temperature ?? null);

        return [...self::blank($plan), ...($isCold ? ['No heat: the films are self-adhesive.'] : self::heat($plan, $lays, $steps, $sections))];
    }

    /** @return list<string> */
    private static function blank(Plan $plan): array
    {
        $blank = $plan->design->blank;
        $notes = Drawing::named($blank->drawing)->hasCords() ? ['Lay the cords aside first.'] : [];
        $crossed = self::crossed($plan);
        if ([] !== $crossed) {
            $notes[] = 'Lettering crosses the '.\implode(' and the ', $crossed).': lay a pad beneath, so that the film beside it is pressed too.';
        }

        return $notes;
    }

    /** @return list<string> names of crossed keep-off places */
    private static function crossed(Plan $plan): array
    {
        $blank = $plan->design->blank;
        $ink = $plan->separation->shown();

        return \array_values(\array_map(static fn (KeepOff $place): string => $place->name, \array_filter(
            $blank->keepOff,
            static fn (KeepOff $place): bool => \in_array($place->id, $blank->crossed, true)
                && $ink->overlaps($place->region(-$blank->placement->across, $blank->placement->down)),
        )));
    }

    /**
     * @param non-empty-list<Lay> $lays
     * @param list<PressStep>     $steps
     *
     * @return list<string>
     */
    private static function heat(Plan $plan, array $lays, array $steps, int $sections): array
    {
        $fabric = $plan->design->blank->fabric;
        $notes = ["{$fabric->name} takes {$fabric->highest} °C."];
        if (\count($lays) > 1) {
            $notes[] = self::together($lays);
        }
        $last = $lays[\count($lays) - 1]->film;
        if (Hot::isApart($steps)) {
            $notes[] = 'Films are pressed separately, hottest first: pressed together, one of them would get too much heat.';
        }
        foreach ($steps as $at => $step) {
            if (StepKind::Tack === $step->kind) {
                $notes[] = self::names($step->films)." is tacked first because {$steps[$at + 1]->films[0]->name} is pressed over it.";
            }
            if (StepKind::Press === $step->kind && self::isLess($step, $lays)) {
                $notes[] = 'Pressed cooler or lighter than '.self::names($step->films).' alone, and longer.';
            }
        }
        if ($last->finish->comesLast()) {
            $notes[] = "{$last->name} is not pressed again: more heat would flatten it.";
        }
        if ($fabric->marks) {
            $notes[] = "{$fabric->name} shows marks of the press: cover sheet above, a pad beneath, medium pressure at most.";
        }
        if ($sections > 1) {
            $notes[] = 'Where sections overlap, tacks and covered presses are shorter the second time.';
        }

        return $notes;
    }

    /** @param non-empty-list<Lay> $lays */
    private static function together(array $lays): string
    {
        $alike = [] === \array_filter($lays, static fn (Lay $lay): bool => $lay->press != $lays[0]->press);
        $press = $lays[0]->press;

        return match (true) {
            !$alike => \implode(', ', \array_map(static fn (Lay $lay): string => "{$lay->film->name} {$lay->press->temperature} °C", $lays)).' on their own.',
            2 === \count($lays) => "Both films are pressed at {$press->temperature} °C.",
            default => "All films are pressed at {$press->temperature} °C.",
        };
    }

    /** @param non-empty-list<Lay> $lays */
    private static function isLess(PressStep $step, array $lays): bool
    {
        foreach ($lays as $lay) {
            if (\in_array($lay->film, $step->films, true) && ($step->temperature < $lay->press->temperature || $step->seconds > $lay->press->seconds)) {
                return $step->temperature < $lay->press->temperature || $step->pressure !== $lay->press->pressure;
            }
        }

        return false;
    }

    /** @param list<Film> $films */
    private static function names(array $films): string
    {
        return \implode(' and ', \array_map(static fn (Film $film): string => $film->name, $films));
    }
}
