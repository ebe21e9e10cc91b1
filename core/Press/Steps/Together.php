<?php

declare(strict_types=1);

namespace Uvret\Press\Steps;

use Uvret\Design\Film;
use Uvret\Design\Pressure;
use Uvret\Press\PressException;
use Uvret\Press\PressStep;

/**
 * Films that are pressed fully all at once: each lower one is tacked, the last one takes all beneath it along. What the press is set
 * alike for and lies side by side is laid on together.
 */
final readonly class Together
{
    private const TACK = 3;
    private const TACK_LATER = 2;

    /** How much longer a film is pressed that does not get its own temperature. */
    public const LONGER = 1.5;

    /**
     * @param non-empty-list<Lay> $lays in press order
     *
     * @return list<PressStep>
     *
     * @throws PressException if a film beneath does not stand the last one's heat, or needs more
     */
    public static function steps(array $lays, Limits $limits): array
    {
        $groups = self::groups($lays);
        $last = $groups[\count($groups) - 1];
        $coolest = self::coolest($lays);
        $limit = \min($limits->highest, $coolest->press->most());
        $temperature = \min($limit, $last[0]->press->temperature);
        foreach ([...$last, ...$lays] as $lay) {
            if ($lay->press->least() > $temperature) {
                throw PressException::beneath($lay->film, $lay->press->temperature, $coolest->film, $limit);
            }
        }
        $steps = [];
        $on = [];
        foreach (\array_slice($groups, 0, -1) as $group) {
            $own = $group[0]->press;
            $steps[] = PressStep::tack(
                films: self::films($group),
                temperature: \min($limits->highest, $own->temperature, ...\array_map(static fn (Lay $lay): int => $lay->press->most(), $on)),
                seconds: self::TACK,
                later: self::TACK_LATER,
                pressure: $limits->pressure($own->pressure),
                peel: $own->peel,
                on: self::beneath($group, $on),
            );
            $on = [...$on, ...$group];
        }
        $seconds = \max(\array_map(static fn (Lay $lay): int => $lay->press->seconds, $lays));
        $hottest = \max(\array_map(static fn (Lay $lay): int => $lay->press->temperature, $lays));
        $pressure = \array_reduce($lays, static fn (Pressure $firmest, Lay $lay): Pressure => $firmest->and($lay->press->pressure), Pressure::Light);
        $isLess = $temperature < $hottest || $limits->pressure($pressure) !== $pressure;
        $steps[] = PressStep::press(
            films: self::films($last),
            temperature: $temperature,
            seconds: $isLess ? (int) \ceil($seconds * self::LONGER) : $seconds,
            pressure: $limits->pressure($pressure),
            peel: $last[0]->press->peel,
            on: self::beneath($last, $on),
        );

        return $steps;
    }

    /** @param non-empty-list<Lay> $lays */
    private static function coolest(array $lays): Lay
    {
        $coolest = $lays[0];
        foreach ($lays as $lay) {
            $coolest = $lay->press->most() < $coolest->press->most() ? $lay : $coolest;
        }

        return $coolest;
    }

    /**
     * @param non-empty-list<Lay> $lays
     *
     * @return non-empty-list<non-empty-list<Lay>>
     */
    private static function groups(array $lays): array
    {
        $groups = [];
        $group = [$lays[0]];
        foreach (\array_slice($lays, 1) as $lay) {
            if ([] === \array_filter($group, static fn (Lay $other): bool => !$lay->goesWith($other))) {
                $group[] = $lay;
            } else {
                $groups[] = $group;
                $group = [$lay];
            }
        }

        return [...$groups, $group];
    }

    /**
     * @param non-empty-list<Lay> $group
     *
     * @return non-empty-list<Film>
     */
    private static function films(array $group): array
    {
        return \array_map(static fn (Lay $lay): Film => $lay->film, $group);
    }

    /**
     * @param non-empty-list<Lay> $group
     * @param list<Lay>           $on    what is on already
     */
    private static function beneath(array $group, array $on): ?Film
    {
        foreach (\array_reverse($on) as $lay) {
            foreach ($group as $one) {
                if ($one->meets($lay)) {
                    return $lay->film;
                }
            }
        }

        return $on[0]->film ?? null;
    }
}
