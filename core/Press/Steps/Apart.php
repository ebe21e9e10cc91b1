<?php

declare(strict_types=1);

namespace Uvret\Press\Steps;

use Uvret\Press\PressException;
use Uvret\Press\PressStep;

/**
 * Presses films one by one, hottest first, so that no film gets too hot from a later one. Films stay after those beneath them: always takes
 * the hottest available film (Kahn's topological order).
 */
final readonly class Apart
{
    /**
     * @param non-empty-list<Lay> $lays in the order of the stack
     *
     * @return list<PressStep>
     *
     * @throws PressException if an upper film needs more heat than a lower one can take
     */
    public static function steps(array $lays, Limits $limits): array
    {
        $steps = [];
        $on = [];
        foreach (self::ordered($lays) as $lay) {
            $own = $lay->press;
            $limit = $limits->highest;
            $least = null;
            foreach ($on as $other) {
                if ($other->press->most() < $limit) {
                    [$limit, $least] = [$other->press->most(), $other];
                }
            }
            if ($own->least() > $limit) {
                throw PressException::beneath($lay->film, $own->temperature, $least->film ?? $lay->film, $limit);
            }
            $temperature = \min($own->temperature, $limit);
            $isLess = $temperature < $own->temperature || $limits->pressure($own->pressure) !== $own->pressure;
            $beneath = null;
            foreach ($on as $other) {
                $beneath = $lay->meets($other) ? $other->film : $beneath ?? $other->film;
            }
            $steps[] = PressStep::press(
                films: [$lay->film],
                temperature: $temperature,
                seconds: $isLess ? (int) \ceil($own->seconds * Together::LONGER) : $own->seconds,
                pressure: $limits->pressure($own->pressure),
                peel: $own->peel,
                on: $beneath,
            );
            $on[] = $lay;
        }

        return $steps;
    }

    /**
     * @param non-empty-list<Lay> $lays
     *
     * @return list<Lay>
     */
    private static function ordered(array $lays): array
    {
        $ordered = [];
        while ([] !== $lays) {
            $best = null;
            foreach ($lays as $at => $lay) {
                $waits = [] !== \array_filter($lays, static fn (Lay $other, int $under): bool => $under < $at && $lay->meets($other), \ARRAY_FILTER_USE_BOTH);
                if (!$waits && (null === $best || self::rank($lay) > self::rank($lays[$best]))) {
                    $best = $at;
                }
            }
            \assert(null !== $best);
            $ordered[] = $lays[$best];
            unset($lays[$best]);
        }

        return $ordered;
    }

    /** Sort key: hottest first, films that must come last at the end. */
    private static function rank(Lay $lay): int
    {
        return $lay->press->temperature - ($lay->film->finish->comesLast() ? 1_000 : 0);
    }
}
