<?php

declare(strict_types=1);

namespace Uvret\Press;

use Uvret\Design\Film;

/** A press plan as plain data: temperatures in °C, lengths in µm, y up from the area's top centre. */
final class PressReport
{
    /**
     * @return array{
     *     steps: list<array{
     *         kind: string, films: list<string>, temperature: int|null, seconds: int, later: int, pressure: string|null, peel: string|null, on: string|null
     *     }>,
     *     sections: list<array{x: int, y: int, width: int, height: int, turn: float, cuts: bool}>,
     *     distances: list<array{edge: string, from: array{int, int}, to: array{int, int}, length: int}>,
     *     seconds: int, heats: array<string, int>, problem: string|null, notes: list<string>
     * }
     */
    public static function of(PressPlan $plan): array
    {
        return [
            'steps' => \array_map(static fn (PressStep $step): array => [
                'kind' => $step->kind->value,
                'films' => \array_map(static fn (Film $film): string => $film->id, $step->films),
                'temperature' => $step->temperature,
                'seconds' => $step->seconds,
                'later' => $step->later,
                'pressure' => $step->pressure?->value,
                'peel' => $step->peel?->value,
                'on' => $step->on?->id,
            ], $plan->steps),
            'sections' => \array_map(static fn (Section $section): array => [
                'x' => $section->x,
                'y' => $section->y,
                'width' => $section->width,
                'height' => $section->height,
                'turn' => $section->turn,
                'cuts' => $section->cuts,
            ], $plan->sections),
            'distances' => \array_map(static fn (Distance $distance): array => [
                'edge' => $distance->edge,
                'from' => [$distance->fromX, $distance->fromY],
                'to' => [$distance->toX, $distance->toY],
                'length' => $distance->length(),
            ], $plan->distances),
            'seconds' => $plan->seconds(),
            'heats' => self::heats($plan),
            'problem' => $plan->problem,
            'notes' => $plan->notes,
        ];
    }

    /** @return array<string, int> number of heats by film id */
    private static function heats(PressPlan $plan): array
    {
        $heats = [];
        foreach ($plan->steps as $step) {
            foreach ($step->films as $film) {
                $heats[$film->id] = $plan->heats($film);
            }
        }

        return $heats;
    }
}
