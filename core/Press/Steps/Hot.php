<?php

declare(strict_types=1);

namespace Uvret\Press\Steps;

use Uvret\Design\Fabric;
use Uvret\Design\Pressure;
use Uvret\Press\PressException;
use Uvret\Press\PressStep;
use Uvret\Press\StepKind;

/** Press steps for hot films: all at once if every film can take it, otherwise one by one. */
final readonly class Hot
{
    private const WARM = 3;
    private const COVER = 5;
    private const COVER_LATER = 3;

    /**
     * @param non-empty-list<Lay> $lays in press order
     *
     * @return non-empty-list<PressStep>
     *
     * @throws PressException if it is impossible, with the change to make
     */
    public static function steps(array $lays, Fabric $fabric): array
    {
        $limits = Limits::of($fabric);
        foreach ($lays as $lay) {
            if ($lay->film->cold) {
                throw PressException::notHot($lay->film, $fabric->name);
            }
            $lay->check($limits->highest, $fabric->name);
        }
        $steps = self::cheapest($lays, $limits);
        $last = $steps[\count($steps) - 1];
        $first = \min($limits->highest, $lays[0]->press->temperature);
        $steps = [PressStep::warm($first, self::WARM), ...$steps];
        $covers = [] === \array_filter($last->films, static fn ($film): bool => $film->finish->comesLast());
        if ($covers) {
            $steps[] = PressStep::cover(self::coverHeat($lays, $limits, $last), self::COVER, self::COVER_LATER, $last->pressure ?? Pressure::Medium);
        }

        return $steps;
    }

    /**
     * Whether films are pressed one by one.
     *
     * @param list<PressStep> $steps
     */
    public static function isApart(array $steps): bool
    {
        return \count(\array_filter($steps, static fn (PressStep $step): bool => StepKind::Press === $step->kind)) > 1;
    }

    /**
     * @param non-empty-list<Lay> $lays
     *
     * @return non-empty-list<PressStep>
     */
    private static function cheapest(array $lays, Limits $limits): array
    {
        $flattened = \array_filter(\array_slice($lays, 0, -1), static fn (Lay $lay): bool => $lay->film->finish->comesLast());
        try {
            $steps = [] === $flattened ? Together::steps($lays, $limits) : Apart::steps($lays, $limits);
        } catch (PressException $why) {
            try {
                $steps = Apart::steps($lays, $limits);
            } catch (PressException) {
                throw $why;
            }
        }
        \assert([] !== $steps);

        return $steps;
    }

    /** @param non-empty-list<Lay> $lays */
    private static function coverHeat(array $lays, Limits $limits, PressStep $last): int
    {
        return \min($limits->highest, $last->temperature ?? $limits->highest, ...\array_map(static fn (Lay $lay): int => $lay->press->most(), $lays));
    }
}
