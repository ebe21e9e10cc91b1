<?php

declare(strict_types=1);

namespace Uvret\Separate;

use Uvret\Design\Film;

/**
 * The press order: the requested one if possible, otherwise the closest possible one. A film that can't be layered over goes above every
 * film it touches; one that must come last goes to the top.
 */
final readonly class PressOrder
{
    /**
     * @param list<Film>            $films   bottom film first
     * @param array<string, string> $reasons why films are pressed later than requested, by id
     */
    private function __construct(
        public array $films,
        public array $reasons,
    ) {
    }

    /**
     * @param list<Film>                 $wanted  bottom film first
     * @param callable(Film, Film): bool $touches
     */
    public static function of(array $wanted, callable $touches): self
    {
        $reasons = [];
        $carriers = \array_filter($wanted, static fn (Film $film): bool => $film->carries && !$film->finish->comesLast());
        // Inserts each right above the highest film it must not lie beneath; the others keep their order.
        $order = $wanted;
        foreach ($wanted as $at => $film) {
            if ($film->carries || $film->finish->comesLast()) {
                continue;
            }
            $over = \array_filter($carriers, static fn (Film $other, int $place): bool => $place > $at && $touches($film, $other), \ARRAY_FILTER_USE_BOTH);
            if ([] !== $over) {
                $highest = $over[\array_key_last($over)];
                $order = self::put($order, $film, $highest);
                $names = self::names($over);
                $show = 1 === \count($over) ? 'shows' : 'show';
                $reasons[$film->id] = "{$film->name} can’t be layered over, so it is pressed after $names and knocked out where $names $show.";
            }
        }
        foreach ($wanted as $film) {
            if ($film->finish->comesLast()) {
                $after = \array_slice($wanted, 1 + (int) \array_search($film, $wanted, true));
                $others = \array_filter($after, static fn (Film $other): bool => !$other->finish->comesLast());
                if ($order[\count($order) - 1]->id !== $film->id && [] !== $others) {
                    $reasons[$film->id] = "{$film->name} must be pressed last: more heat would flatten it.";
                }
                $order = self::put($order, $film, null);
            }
        }

        return new self(\array_values($order), $reasons);
    }

    /**
     * @param array<Film> $order
     *
     * @return list<Film>
     */
    private static function put(array $order, Film $film, ?Film $above): array
    {
        $others = \array_values(\array_filter($order, static fn (Film $other): bool => $other !== $film));
        $place = null === $above ? \count($others) : 1 + (int) \array_search($above, $others, true);

        return [...\array_slice($others, 0, $place), $film, ...\array_slice($others, $place)];
    }

    /** @param array<Film> $films */
    private static function names(array $films): string
    {
        return \implode(' and ', \array_map(static fn (Film $film): string => $film->name, $films));
    }
}
